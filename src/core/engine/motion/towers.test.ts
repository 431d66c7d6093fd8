import { Clipper, EndType, FillRule, JoinType } from 'clipper2-ts';
import { describe, expect, it } from 'vitest';
import { signedDistance } from '../../numeric/inside';
import { boxOf, signedArea, type Pt } from '../../numeric/polyline';
import { motionSchema } from '../../documents/motion';
import { becauseText, deviationText } from '../../words/motionWhy';
import { sayIn } from '../../words/say';
import { combJob, coreJob, machineOf, axis, pathOf, replayed, turnedJob, type OnRig } from './testTowers';
import type { TowerKind } from '../../documents/towerJobs';
import { outlineJob, square } from './testMotion';

const codes = (job: OnRig<TowerKind>) => pathOf(job).figures.findings.map((f) => f.code);

/** What bands of a face's own kerf along its way leave of the block: loops, by clipper alone. */
function leftOf(job: OnRig<TowerKind>, face: 'left' | 'right'): Pt[][] {
  const { path } = pathOf(job);
  const { played, cutting, block } = path!;
  const k = face === 'left' ? 0 : 2;
  const kerf = face === 'left' ? cutting.leftKerf : cutting.rightKerf;
  const bands = played.program.moves.flatMap((_, i) => {
    const w = kerf[i]!;
    if (!Number.isFinite(w)) return [];
    const at = (row: number) => ({ x: played.faces[row * 4 + k]!, y: played.faces[row * 4 + k + 1]! });
    return Clipper.inflatePathsD([[at(i), at(i + 1)]], w / 2, JoinType.Round, EndType.Round, 2, 6, 0.0005);
  });
  const foam = square(0, 0, 1).map(([x, y]) => ({ x: block[0] * x, y: block[2] * y }));
  return Clipper.differenceD([foam], bands, FillRule.NonZero, 6).map((l) => l.map(({ x, y }): Pt => [x, y]));
}

const STEPPED = [[10, 30], [40, 30], [40, 20], [90, 24], [90, 34], [150, 30]]; // prettier-ignore

describe('a core led by towers', () => {
  it('against an independent sweep of the wire on both faces: root and tip within 0.05 mm of their sections but for nose and tail', () => {
    for (const split of ['top-bottom', 'outline'] as const)
      for (const rootAt of ['left', 'right'] as const) {
        const job = coreJob({}, { rootAt }, { template: { split } });
        const { path } = pathOf(job);
        for (const [face, loop] of [
          [rootAt, path!.loops[0]!],
          [rootAt === 'left' ? 'right' : 'left', path!.loops[1]!],
        ] as const) {
          const cores = leftOf(job, face).filter((l) => signedArea(l) > 0);
          const wanted = Math.abs(signedArea(loop as Pt[]));
          const core = cores.reduce((a, b) =>
            Math.abs(signedArea(b) - wanted) < Math.abs(signedArea(a) - wanted) ? b : a,
          );
          const b = boxOf(loop);
          const off = loop
            .filter(([x]) => x > b.x0 + 0.05 * (b.x1 - b.x0) && x < b.x1 - 0.03 * (b.x1 - b.x0))
            .map((p) => Math.abs(signedDistance(core, p)));
          expect(off.length).toBeGreaterThan(40);
          expect(Math.max(...off), `${split} ${rootAt} ${face}`).toBeLessThan(0.05);
        }
      }
  });
  it('both ends are at each station of both sections in the same second, and the towers on the line through them', () => {
    const job = coreJob();
    const { path } = pathOf(job);
    const { machine: m } = job;
    path!.program.moves.forEach((move, i) => {
      // By hand: from the left tower over both faces to the right one on one straight line.
      const t = (z: number, k: number) => move.at[k]! + ((move.at[k + 2]! - move.at[k]!) * z) / m.towersMm;
      for (const k of [0, 1]) {
        expect(path!.played.faces[(i + 1) * 4 + k]).toBeCloseTo(t(m.leftToBlockMm, k), 9);
        expect(path!.played.faces[(i + 1) * 4 + 2 + k]).toBeCloseTo(t(m.leftToBlockMm + 400, k), 9);
      }
    });
    const stations = [...path!.notes.values()].filter((n) => n.startsWith('station'));
    expect(stations.length).toBe(2 * (job.plan.template.stations + 1));
    // The wire between the towers by Pythagoras.
    const long = path!.program.moves
      .filter((_, i) => path!.played.inFoam[i])
      .map((move) => Math.hypot(m.towersMm, move.at[2]! - move.at[0]!, move.at[3]! - move.at[1]!));
    expect(path!.played.wireMm[1]).toBeCloseTo(Math.max(...long), 9);
    expect(motionSchema.shape.core.safeParse(pathOf(job).figures.core).success).toBe(true);
  });
  it('a machine too slow for the outer end: faces are moved out by what it melts, and come true all the same', () => {
    const slow = machineOf({ axes: { X: axis(), Y: axis(), U: axis({ maxMmS: 4 }), V: axis({ maxMmS: 4 }) } });
    const job = coreJob({}, { machine: slow });
    const { figures } = pathOf(job);
    expect(figures.findings.map((f) => f.code)).toContain('machine-slower');
    expect(Math.abs(figures.core!.root.offMm)).toBeLessThan(0.05);
    expect(Math.abs(figures.core!.tip.offMm)).toBeLessThan(0.05);
    const plain = pathOf(coreJob()).figures;
    expect(figures.timeS).toBeGreaterThan(1.3 * plain.timeS);
  });
  it('each deviation says why, with its numbers, in either profile', () => {
    const slow = machineOf({
      deltaMm: 0.01,
      axes: { X: axis({ accelMmS2: 5 }), Y: axis({ accelMmS2: 5 }), U: axis(), V: axis() },
    });
    const soft = { ...outlineJob().rig, tension: { ...outlineJob().rig.tension, setN: 3 } };
    const all = [
      pathOf(coreJob()),
      pathOf(coreJob({}, {}, { toleranceMm: 0.05 })),
      pathOf(turnedJob({ profile: STEPPED, toleranceMm: 0.05, machine: { ...machineOf({}, true) } })),
      pathOf(outlineJob({ rig: soft, toleranceMm: 0.05, machine: slow }) as OnRig<'outline'>),
    ].flatMap((m) => m.figures.deviations);
    expect([...new Set(all.map((d) => d.why))].sort()).toEqual(
      expect.arrayContaining(['corner', 'inside-corner', 'lag']),
    );
    for (const d of all)
      for (const say of [sayIn('metric'), sayIn('inch')]) {
        expect(deviationText(d, say)).not.toMatch(/NaN|undefined|null/);
        expect(becauseText(d, say), d.why).not.toMatch(/NaN|undefined|null|not known/);
      }
  });
  it('coupled ends, a small blank, a core out of tolerance are told; a rig in the plan must be the job’s', () => {
    const coupled = machineOf({ right: null });
    expect(codes(coreJob({}, { machine: coupled }))).toContain('ends-coupled');
    const same = { section: { kind: 'naca', code: '2412' }, chordMm: 150 };
    expect(codes(coreJob({ root: same, tip: same }, { machine: coupled }))).not.toContain('ends-coupled');
    const blank = { lengthMm: 400, widthMm: 150, heightMm: 60 };
    expect(codes(coreJob({}, {}, { blank }))).toContain('blank-too-small');
    expect(codes(coreJob({}, {}, { toleranceMm: 0.05 }))).toContain('core-off');
    expect(() => coreJob({}, {}, { rig: { ...coreJob().rig, name: 'another' } })).toThrow(
      /must be the rig of the job/,
    );
    expect(coreJob({}, {}, { rig: coreJob().rig }).plan.rig).toBeDefined();
  });
});

const from = (...profile: number[][]) => turnedJob({ profile });
describe('a turned piece', () => {
  it('the profile half a kerf off on each side, by an independent sweep within 0.02 mm', () => {
    for (const job of [turnedJob({ toleranceMm: 2 }), turnedJob({ toleranceMm: 2, profile: STEPPED })]) {
      const left = leftOf(job, 'left');
      const under = left
        .filter((l) => signedArea(l) > 0)
        .reduce((a, b) => (signedArea(b) > signedArea(a) ? b : a));
      const axisUp = 45;
      const along = job.profile.flatMap(([x, r], i) => {
        const next = job.profile[i + 1];
        return next
          ? [0.2, 0.5, 0.8].map((t): Pt => [x + t * (next[0] - x), axisUp + r + t * (next[1] - r)])
          : [];
      });
      for (const p of along) expect(Math.abs(signedDistance(under, p))).toBeLessThan(0.02);
      // In a square corner a round wire leaves a fillet, and no more.
      for (const d of pathOf(job).figures.deviations) expect(Math.abs(d.offMm)).toBeLessThan(0.5);
    }
  });
  it('a zero above the axis is led that much lower, and a test cut tells it', () => {
    const up = (zeroMm: number) => pathOf(turnedJob({ zeroMm })).path!.lines[0]!;
    expect(up(0.4)[0]![1] - up(0)[0]![1]).toBeCloseTo(-0.4, 6);
  });
  it('two profiles by turns, sides of every number, by hand at a pause in the air', () => {
    const square4 = pathOf(turnedJob({ sideProfile: STEPPED }));
    expect(square4.figures.passes.map((p) => p.turnDeg)).toEqual([0, 90, 180, 270]);
    expect(square4.path!.lines.length).toBe(2);
    for (const sides of [2, 3, 4, 6, 8] as const) {
      const { figures } = pathOf(turnedJob({ sides }));
      expect(figures.passes.length).toBe(sides);
      expect(figures.findings.filter((f) => f.level === 'stop')).toEqual([]);
    }
    const hand = pathOf(turnedJob({ machine: machineOf() }));
    expect(hand.figures.code.match(/^M0 \(turn the block to \d+ deg by hand, then go on\)$/gm)?.length).toBe(3);
    expect(hand.figures.findings).toEqual([]);
    expect(() => turnedJob({ sides: 3, machine: machineOf() })).toThrow(/must name the turning axis/);
    expect(() => turnedJob({ sides: 5 })).toThrow(/must be 2, 3, 4, 6 or 8/);
    expect(() => from([10, 60], [50, 20])).toThrow(/half the block/);
    expect(() => from([50, 20], [10, 20])).toThrow(/not be before/);
    expect(() => from([50, 20], [500, 20])).toThrow(/within the block/);
  });
  it('a wire that is too low while the block turns, or at what holds it, is found with its line', () => {
    const job = turnedJob();
    const { figures } = pathOf(job);
    const broken = figures.code.replace(/^(.*) A90$/m, 'G0 X80 U80 Y92 V92\n$1 A90');
    expect(broken).not.toBe(figures.code);
    const found = replayed(job, broken, job.blockMm).figures.findings.find((f) => f.code === 'rapid-in-foam');
    // 92 mm is over the block as it lies, and under its corner as it turns.
    expect(broken.split('\n')[found!.line! - 1]).toContain('A90');
    expect(codes(from([10, 5], [150, 35]))).toContain('wire-through-spindle');
  });
});

describe('a test comb', () => {
  it('a slot for each feed, hot in and cold out, numbered by its marks; kerfs by the same law as solve', () => {
    const job = combJob();
    const { figures, path } = pathOf(job);
    expect(figures.findings).toEqual([]);
    const lines = figures.code.split('\n');
    path!.comb.forEach((s, i) => {
      const from = lines.findIndex((l) => l.startsWith(`(cut ${s.n}, `));
      const to = lines.findIndex((l, k) => k > from && l.startsWith('(cut '));
      const own = lines.slice(from, to < 0 ? undefined : to);
      expect(own.filter((l) => l.startsWith('G1 X5 ')).length).toBe(s.n);
      expect(own.indexOf('M5')).toBe(2);
      if (i > 0) expect(s.kerfMm).toBeLessThan(path!.comb[i - 1]!.kerfMm);
    });
    // Fed by what the slot's own length takes.
    const f = Number(/F([\d.]+)/.exec(lines.find((l) => l.startsWith('G1 X60'))!)![1]);
    expect(60 / f).toBeCloseTo(70 / path!.comb[0]!.feedMmS, 3);
    expect(pathOf(combJob({ feedsMmS: [5, 9] })).path!.comb.map((s) => s.feedMmS)).toEqual([5, 9]);
  });
  it('no room, heat by hand, and a cold way other than its own slot are told', () => {
    expect(codes(combJob({ blockMm: [120, 400, 60] }))).toEqual(['slots-too-near']);
    expect(codes(combJob({ machine: machineOf({ code: { heat: 'none' } }) }))).toEqual(['comb-needs-heat']);
    const job = combJob();
    const { code } = pathOf(job).figures;
    expect(replayed(job, code, job.blockMm).figures.findings).toEqual([]);
    const other = code.replace(/^G1 X-10 U-10 F/m, 'G1 X-10 U-10 Y50 V50 F');
    const found = replayed(job, other, job.blockMm).figures.findings[0]!;
    expect(found.code).toBe('heat-off-in-foam');
    expect(other.split('\n')[found.line! - 1]).toContain('Y50');
    expect(() => combJob({ depthMm: 118 })).toThrow(/must leave 5 mm/);
  });
});
