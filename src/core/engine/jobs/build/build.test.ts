import { describe, expect, it } from 'vitest';
import { ARM_STUFF } from '../../../catalog/armMaterials';
import { jobSchema } from '../../../documents/job';
import type { Rig } from '../../../documents/rig';
import { toldWorksheet } from '../../../words/jobs';
import { solve } from '../../solve';
import { merge } from '../../merge';
import { testRig } from '../../testRigs';
import { head, LOOP, SLICER, TABLE } from '../testJobs';
import { worksheetOf } from '../worksheet';

const BOW = testRig({ tension: { kind: 'flex', setN: 15, frameNPerMm: 0.7 } });
const BAR = (widthMm: number, thickMm: number) => ({ kind: 'bar', widthMm, thickMm });
const ARM = { material: 'aluminium', section: BAR(25, 3), reachMm: 150, gapMm: null };
const table = (more: object = {}, rig: Rig = TABLE) =>
  worksheetOf(
    jobSchema.parse({
      ...head,
      kind: 'build',
      of: { kind: 'table', boardMm: [600, 400, 18], postMm: 200, ...ARM, ...more },
      rig,
    }),
  );
const built = (of: object, rig: Rig) => worksheetOf(jobSchema.parse({ ...head, kind: 'build', of, rig }));
const codes = (w: ReturnType<typeof table>) => w.findings.map((f) => f.code as string);
const found = (w: ReturnType<typeof table>, code: string) => w.findings.find((f) => f.code === code)!;

describe('building the cutter', () => {
  // MACHINES.md section 9: aluminium 25 × 3, reach 150, post 200 is 0.690 N/mm; bent in by 29 mm it pulls 20 N.
  it('an arm that is the spring pulls k·g cold and k·(g − ΔL) hot', () => {
    const w = table({ gapMm: 29 });
    expect(w.values['rateNPerMm']).toBeCloseTo(0.69, 3);
    expect(w.values['pullN']).toBeCloseTo(20.01, 1);
    const grown = solve(TABLE).tension.growthMm!;
    expect(w.values['hotN']).toBeCloseTo(0.69 * (29 - grown), 1);
  });
  // A cantilever's root by hand: M = 20 N · 0.15 m, W = 25·3²/6 mm³ = 37.5 mm³: 80 MPa, and half of 160 is allowed.
  it('stress at the root is the pull times the reach over the section modulus', () => {
    const w = table({ gapMm: 20 / w0().values['rateNPerMm']! });
    expect(w.values['stressMPa']).toBeCloseTo(80, 6);
    expect(w.values['allowedMPa']).toBe(80);
  });
  const w0 = () => table({ gapMm: 10 });
  it('an arm that does not bear it says how thick, and that thickness bears it', () => {
    const thin = table({ section: BAR(25, 2), gapMm: 50 });
    const f = found(thin, 'arm-overstressed');
    expect(f.level).toBe('stop');
    expect(thin.steps).toEqual([]);
    const need = f.values['needMm'] as number;
    const wants = table({ section: BAR(25, need * 1.0001), gapMm: 1 });
    expect(codes(wants)).not.toContain('arm-overstressed');
  });
  it('a bend that pulls another tension says which bend is right, and it is', () => {
    const w = table({ section: BAR(25, 4), gapMm: 2 });
    const gap = found(w, 'arm-pull-differs').values['gapMm'] as number;
    const right = table({ section: BAR(25, 4), gapMm: gap });
    expect(codes(right)).not.toContain('arm-pull-differs');
    expect(right.values['pullN']).toBeCloseTo(20, 6);
    // Then it can be taken into the rig, which is proven and knows it afterwards.
    const [fix] = found(right, 'arm-not-in-rig').fixes;
    const taken = merge(TABLE, fix!.patch) as Rig;
    expect(solve(taken).findings.filter((f) => f.level === 'stop')).toEqual([]);
    expect(codes(table({ section: BAR(25, 4), gapMm: gap }, taken))).not.toContain('arm-not-in-rig');
  });
  it('soft, slack, creeping, stiff and giving arms are told apart', () => {
    expect(codes(table({ section: BAR(30, 3), postMm: 400, gapMm: 20 }))).toContain('arm-too-soft');
    expect(
      codes(table({ material: 'pvc', section: { kind: 'tube', outerMm: 40, innerMm: 34 }, gapMm: 12 })),
    ).toContain('arm-creeps');
    expect(codes(table({ material: 'steel', section: BAR(40, 20), gapMm: 0.05 }))).toContain('arm-goes-slack');
    expect(codes(table({ section: BAR(25, 5) }))).toContain('arm-gives');
    const pine = table({ material: 'pine', section: BAR(45, 45) });
    expect(codes(pine).filter((c) => c.startsWith('arm'))).toEqual([]);
  });
  it('the wire as built is the rig’s, or the fix makes it so', () => {
    const stiff = { material: 'pine', section: BAR(45, 45) };
    expect(codes(table({ ...stiff, postMm: TABLE.wire.lengthMm - 38 }))).not.toContain('wire-length-differs');
    const w = table({ ...stiff, postMm: 300 });
    const f = found(w, 'wire-length-differs');
    expect(f.values).toMatchObject({ betweenMm: 338, haveMm: 300 });
    expect(f.fixes[0]!.patch).toEqual({ wire: { lengthMm: 338 } });
    expect(codes(table({ ...stiff, postMm: 300 }, merge(TABLE, f.fixes[0]!.patch) as Rig))).not.toContain(
      'wire-length-differs',
    );
  });
  it('foam that does not go through, and a board that does not hold the arm, stop it', () => {
    expect(codes(table({ postMm: 50 }))).toContain('opening-too-low');
    expect(codes(table({ boardMm: [150, 400, 18] }))).toContain('board-too-small');
    const bow = { kind: 'bow', ...ARM, material: 'pine', section: BAR(45, 30) };
    const low = testRig({ foam: { kind: 'eps', densityKgM3: 20, widthMm: 300, heightMm: 200 } });
    expect(codes(built({ ...bow, reachMm: 150 }, low))).toContain('opening-too-low');
    expect(codes(built({ ...bow, reachMm: 250 }, low))).not.toContain('opening-too-low');
  });
  it('a slicer’s supports leave room for the ends that stay cool', () => {
    const slicer = (supportsMm: number) =>
      built({ kind: 'slicer', boardMm: [600, 600, 18], supportsMm }, SLICER);
    expect(codes(slicer(250))).toContain('supports-too-near');
    const near = slicer(302);
    const least = found(near, 'ends-stay-cool').values['leastMm'] as number;
    expect(codes(slicer(least + 0.01))).not.toContain('ends-stay-cool');
  });
  it('the wire is cut with its grips, the bolt stands off the hole by its radius and half a wire', () => {
    const w = table({ material: 'pine', section: BAR(45, 45), postMm: 262, boltMm: 6 });
    const of = (code: string) => w.materials.find((m) => m.code === code)!.values;
    expect(of('wire')).toMatchObject({ betweenMm: 300, lengthMm: 420 });
    expect(of('anchor-bolt')['offMm']).toBeCloseTo(3 + 0.2, 9);
    expect(of('post')['lengthMm']).toBe(262 + 18 + 60);
  });
  it('a bow, a slicer, a table and a loop each name their own parts, all told in words', () => {
    const sheets = [
      built({ kind: 'bow', ...ARM, gapMm: 20 }, BOW),
      built({ kind: 'slicer', boardMm: [600, 560, 18], supportsMm: 440, by: 'screw' }, SLICER),
      table({ material: 'steel', section: BAR(30, 20) }),
      built({ kind: 'loop', shape: 'u', loopMm: 20, depthMm: 15 }, LOOP),
    ];
    const own = [/Bar|Grip/, /Side rail/, /Sleeve for the hole/, /Handle/];
    sheets.forEach((w, i) => {
      const text = toldWorksheet(w)
        .materials.map((m) => m.text)
        .join('\n');
      expect(text).not.toMatch(/NaN|undefined|null|not known/);
      own.forEach((words, j) => expect(words.test(text), `${i} ${j}`).toBe(i === j));
    });
    // Metal is insulated where wire or lead meets it, and the test names it.
    expect(sheets[2]!.materials.map((m) => m.code)).toContain('insulators');
  });
  it('a loop’s legs hang slack of no take-up: nothing of arms or tension is said', () => {
    const w = built({ kind: 'loop', shape: 'u', loopMm: 20, depthMm: 15 }, LOOP);
    expect(JSON.stringify(toldWorksheet(w).steps)).not.toMatch(/arm|under tension|bow/);
    expect(w.values['betweenMm']).toBeCloseTo(w.values['inFoamMm']! + 2 * w.values['coolMm']!, 9);
  });
  it('sizes of another cutter, and a bore wider than its tube, are refused by their field', () => {
    const fault = (of: object, rig: Rig) =>
      jobSchema.safeParse({ ...head, kind: 'build', of, rig }).error!.issues[0]!.path.join('.');
    expect(fault({ kind: 'bow', ...ARM }, TABLE)).toBe('of.kind');
    const tube = { kind: 'tube', outerMm: 10, innerMm: 10 };
    expect(fault({ kind: 'bow', ...ARM, section: tube }, BOW)).toBe('of.section.innerMm');
    expect(fault({ kind: 'bow', ...ARM }, testRig({ frame: { kind: 'gantry' } }))).toBe('kind');
  });
  it('catalogue: moduli of MACHINES.md section 2', () => {
    const gpa = Object.fromEntries(Object.entries(ARM_STUFF).map(([k, m]) => [k, m.youngs / 1e9]));
    expect(gpa).toEqual({ aluminium: 69, steel: 200, pine: 9, plywood: 8, pvc: 2.9 });
  });
});
