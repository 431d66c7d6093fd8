import { describe, expect, it } from 'vitest';
import { faultsOf } from '../../documents/faults';
import { jobSchema, type Job } from '../../documents/job';
import { JOB_KINDS, jobsOf, type JobKind } from '../../documents/jobKinds';
import { FRAME_KINDS, type FrameKind, type Rig } from '../../documents/rig';
import { worksheetSchema } from '../../documents/worksheet';
import { runVerb } from '../../edge/verbs';
import { toldWorksheet } from '../../words/jobs';
import { shouldReadText, stepText } from '../../words/jobSteps';
import { sayIn } from '../../words/say';
import { solve } from '../solve';
import { dice, sweptRig } from '../sweepRigs';
import { testRig } from '../testRigs';
import { worksheetOf } from './worksheet';

const SLICER = testRig({
  frame: { kind: 'slicer' },
  wire: { alloy: 'nicr-80', diameterMm: 0.25, lengthMm: 500 },
  control: { kind: 'amps', setting: 1.35 },
  tension: { setN: 12 },
  foam: { kind: 'eps', densityKgM3: 15, widthMm: 300 },
  leads: { fuseA: 3, switchA: 5 },
});
const TABLE = testRig({
  frame: { kind: 'table' },
  wire: { alloy: 'nicr-80', diameterMm: 0.4, lengthMm: 300, lie: 'vertical' },
  control: { kind: 'amps', setting: 2.3 },
  tension: { setN: 20, travelMm: 12 },
  foam: { kind: 'xps', densityKgM3: 33, widthMm: 50 },
  leads: { fuseA: 5, switchA: 10 },
});
const LOOP = testRig({
  frame: { kind: 'hand-tool' },
  wire: { alloy: 'ss-304', diameterMm: 0.8, lengthMm: 130 },
  control: { kind: 'amps', setting: 5 },
  foam: { kind: 'eps', densityKgM3: 20, widthMm: 70 },
  leads: { fuseA: 10, switchA: 10, lengthMm: 600, areaMm2: 4 },
});
const BOARD = testRig({
  frame: { kind: 'drop-bow', board: true },
  foam: { kind: 'eps', densityKgM3: 20, widthMm: 400 },
});

const RIGS: Record<FrameKind, Rig | null> = {
  bow: null,
  'pulled-bow': null,
  'drop-bow': BOARD,
  table: TABLE,
  slicer: SLICER,
  gantry: null,
  'hand-tool': LOOP,
};
const head = { format: 'upwind-rod/job', version: 1 };
const JOBS: Record<JobKind, Record<string, unknown>> = {
  sheets: { kind: 'sheets', blockMm: [400, 300, 120], sheetMm: 3, by: { kind: 'spacers' }, supportsMm: 420 },
  strips: { kind: 'strips', boardMm: [600, 300, 50], widthMm: 40, tiltDeg: 30 },
  disc: { kind: 'disc', outerMm: 120, innerMm: 60, thickMm: 50 },
  cutout: { kind: 'cutout', outline: [[0, 0], [80, 0], [80, 40], [0, 40]], thickMm: 50 },
  groove: { kind: 'groove', shape: 'rectangle', widthMm: 20, depthMm: 15, lengthMm: 500 },
  segments: { kind: 'segments', blockMm: [50, 400, 1000], lengthsMm: [300, 200, 450], angleDeg: 0 },
}; // prettier-ignore
const frameOf = (kind: FrameKind) => ({
  ...testRig().frame,
  kind,
  ...(kind === 'drop-bow' ? { board: true } : {}),
});
const cutterOf = (kind: JobKind) => frameOf(FRAME_KINDS.find((k) => jobsOf(frameOf(k)).includes(kind))!);
const rigOf = (kind: JobKind) => RIGS[cutterOf(kind).kind]!;
const job = (kind: JobKind, more: Record<string, unknown> = {}, rig = rigOf(kind)): Job =>
  jobSchema.parse({ ...head, ...JOBS[kind], ...more, rig });
const values = (j: Job) => worksheetOf(j).values as Record<string, number>;
const codes = (j: Job) => worksheetOf(j).findings.map((f) => f.code as string);

describe('every kind of job', () => {
  it.each(JOB_KINDS)('%s: is cut, with steps, and its document is the one that is published', (kind) => {
    const sheet = worksheetOf(job(kind));
    expect(sheet.findings.filter((f) => f.level === 'stop')).toEqual([]);
    expect(sheet.steps.length).toBeGreaterThan(3);
    expect(sheet.timeS).toBeGreaterThan(20);
    const told = worksheetSchema.parse(toldWorksheet(sheet));
    for (const { text } of [...told.steps, ...told.findings])
      expect(text).not.toMatch(/NaN|undefined|null|not known/);
    // In inches no step speaks of millimetres, but for names of sizes and of the kerf's own unit.
    const inch = sayIn('inch');
    for (const s of sheet.steps) {
      expect(stepText(s, inch)).not.toMatch(/NaN|undefined|null| mm\b/);
      if (s.shouldRead) expect(shouldReadText(s.shouldRead, inch)).not.toMatch(/NaN| mm\b/);
    }
  });
  it.each(JOB_KINDS)('%s: its kerf and feed are those of `solve` on the rig as used', (kind) => {
    const sheet = worksheetOf(job(kind));
    const { cutting } = solve(sheet.rig);
    expect(Math.abs(sheet.values['kerfMm']! - cutting!.kerfMm!)).toBeLessThan(1e-9);
    const r = cutting!.reserve!;
    expect(Math.abs(sheet.values['feedMmS']! - r * cutting!.fastestFeedMmS!)).toBeLessThan(1e-9);
  });
  it('a cutter is given no other cutter’s job', () => {
    for (const kind of JOB_KINDS)
      for (const frame of FRAME_KINDS) {
        const rig = { ...testRig(), frame: frameOf(frame) };
        const read = jobSchema.safeParse({ ...head, ...JOBS[kind], rig });
        expect(read.success).toBe(jobsOf(frameOf(frame)).includes(kind));
        if (!read.success) expect(faultsOf(read.error)[0]!.path).toBe('kind');
      }
  });
  it('a stopped rig and a cold wire get no steps', () => {
    const stopped = worksheetOf(job('sheets', {}, { ...SLICER, foam: { ...SLICER.foam, kind: 'pvc' } }));
    expect(stopped.steps).toEqual([]);
    expect(stopped.findings[0]).toMatchObject({ code: 'foam-refused', level: 'stop' });
    const cold = worksheetOf(job('sheets', {}, { ...SLICER, control: { ...SLICER.control, setting: 0.2 } }));
    expect(cold.steps).toEqual([]);
    expect(cold.values['kerfMm']).toBeNull();
    expect(cold.findings.some((f) => f.level === 'stop')).toBe(true);
  });
  it('any legal job on any rig is answered without NaN, or refused by a field', () => {
    let answered = 0;
    for (let seed = 1; seed <= 400; seed++) {
      const d = dice(seed);
      const kind = d.pick(JOB_KINDS);
      const rig = sweptRig(seed);
      const doc = { ...head, ...randomJob(kind, d), rig: { ...rig, frame: cutterOf(kind) } };
      const answer = runVerb('job', doc);
      if (!answer.ok) {
        expect(answer.faults[0]!.path, `seed ${seed}`).toMatch(/^[a-z]/);
        continue;
      }
      answered++;
      expect(() => worksheetSchema.parse(answer.output), `seed ${seed}`).not.toThrow();
      expect(JSON.stringify(answer.output), `seed ${seed}`).not.toMatch(/NaN|undefined|Infinity/);
    }
    expect(answered).toBeGreaterThan(300);
  });
});

function randomJob(kind: JobKind, d: ReturnType<typeof dice>): Record<string, unknown> {
  const mm = (lo: number, hi: number) => Number(d.span(lo, hi).toPrecision(3));
  const block = [mm(20, 2000), mm(20, 2000), mm(20, 2000)];
  if (kind === 'sheets')
    return {
      kind,
      blockMm: block,
      sheetMm: mm(0.5, 100),
      by:
        d.even() < 0.5
          ? { kind: 'spacers', heightMm: d.even() < 0.5 ? null : mm(1, 100) }
          : { kind: 'screw', pitchMm: d.pick([0.7, 1, 1.25]) },
      supportsMm: mm(20, 2500),
      skinsMm: d.even() < 0.5 ? 0 : mm(0.5, 20),
      cornersMm: d.even() < 0.5 ? null : [mm(1, 5), mm(1, 5), mm(1, 5), mm(1, 5)],
      stack: d.even() < 0.5 ? null : { sheets: 10, heightMm: mm(10, 50) },
      limitG: d.even() < 0.5 ? null : mm(0.1, 500),
    };
  if (kind === 'strips')
    return {
      kind,
      boardMm: block,
      widthMm: mm(5, 500),
      tiltDeg: d.even() < 0.4 ? 0 : 55 * d.even(),
      flipGapMm: d.even() < 0.5 ? null : mm(0.1, 5),
    };
  if (kind === 'disc')
    return {
      kind,
      outerMm: mm(5, 800),
      innerMm: d.even() < 0.5 ? null : mm(1, 400),
      thickMm: mm(5, 300),
      tiltDeg: d.even() < 0.5 ? 0 : 50 * d.even(),
    };
  if (kind === 'cutout')
    return {
      kind,
      outline: Array.from({ length: 3 + Math.floor(9 * d.even()) }, () => [mm(1, 500), mm(1, 500)]),
      thickMm: mm(5, 300),
    };
  if (kind === 'groove')
    return {
      kind,
      shape: d.pick(['u', 'rectangle', 'vee', 'half-round', 'slot']),
      widthMm: mm(2, 150),
      depthMm: mm(2, 100),
      lengthMm: mm(20, 2000),
      loopMm: d.even() < 0.5 ? null : mm(2, 60),
    };
  return {
    kind,
    blockMm: [mm(10, 300), mm(50, 1000), 1200],
    lengthsMm: Array.from({ length: 1 + Math.floor(30 * d.even()) }, () => mm(20, 1200)),
    angleDeg: d.even() < 0.5 ? 0 : 40 * d.even(),
    turnOver: d.even() < 0.5,
  };
}

describe('sheets', () => {
  it('spacers and screw set the same sheet', () => {
    const v = values(job('sheets'));
    expect(v.givesMm).toBeCloseTo(3, 12);
    const s = values(job('sheets', { by: { kind: 'screw', pitchMm: 1 } }));
    expect(s.turns).toBeCloseTo(v.spacerMm!, 9);
    expect(s.axisMm).toBeCloseTo(v.spacerMm! + v.d! / 2, 9);
    expect(v.gramsPerM2).toBeCloseTo(45, 9);
    expect(v.sheetG).toBeCloseTo(45 * 0.4 * 0.3, 9);
  });
  it('more than the block has names the height that would do, and that height does', () => {
    const few = worksheetOf(job('sheets', { count: 60 }));
    const low = few.findings.find((f) => f.code === 'block-too-low')!;
    const high = Math.ceil(low.values['heightMm'] as number);
    expect(codes(job('sheets', { count: 60, blockMm: [400, 300, high] }))).not.toContain('block-too-low');
    expect(codes(job('sheets', { count: 60, blockMm: [400, 300, high - 2] }))).toContain('block-too-low');
  });
  it('spacers at hand that give another sheet are told, those that were asked for are not', () => {
    expect(codes(job('sheets', { by: { kind: 'spacers', heightMm: 4 } }))).toContain('sheet-differs');
    const { spacerMm } = values(job('sheets'));
    expect(codes(job('sheets', { by: { kind: 'spacers', heightMm: spacerMm } }))).not.toContain(
      'sheet-differs',
    );
  });
  it('a test sheet thicker on its left raises the right end, by the supports over the width', () => {
    const sheet = worksheetOf(job('sheets', { cornersMm: [3.3, 2.9, 3.3, 2.9] }));
    expect(sheet.values['wedgeMm']).toBeCloseTo(0.4, 12);
    expect(sheet.values['raiseMm']).toBeCloseTo((0.4 * 420) / 300, 12);
    expect(sheet.steps.find((s) => s.code === 'raise-end')!.values['end']).toBe('right');
    expect(sheet.findings.map((f) => f.code)).toContain('wedge-shows');
  });
  it('a stack gauged as forecast tells the forecast kerf; a thinner one a wider kerf', () => {
    const { kerfMm } = values(job('sheets'));
    const same = values(job('sheets', { stack: { sheets: 10, heightMm: 30 } }));
    expect(same.kerfSeenMm).toBeCloseTo(kerfMm!, 9);
    const thin = job('sheets', { stack: { sheets: 10, heightMm: 28 } });
    expect(values(thin).kerfSeenMm).toBeCloseTo(kerfMm! + 0.4, 9);
    expect(codes(thin)).toContain('kerf-differs');
    // The spacers that they were cut over count, not those that the tuning asks for by now.
    const stood = { sheets: 10, heightMm: 28, underMm: 3.2 };
    const tuned = { ...SLICER, foam: { ...SLICER.foam, tuning: 1.3 } };
    for (const rig of [SLICER, tuned])
      expect(values(job('sheets', { stack: stood }, rig)).kerfSeenMm).toBeCloseTo(0.25 + 2 * 0.4, 9);
  });
  it('a block between supports that it does not fit is stopped', () => {
    const sheet = worksheetOf(job('sheets', { supportsMm: 250 }));
    expect(sheet.findings[0]).toMatchObject({ code: 'supports-too-near', level: 'stop' });
    expect(sheet.steps).toEqual([]);
  });
});

describe('table', () => {
  it('a bevel: the wire is solved anew, longer and in more foam', () => {
    const sheet = worksheetOf(job('strips'));
    const upright = worksheetOf(job('strips', { tiltDeg: 0 }));
    expect(sheet.values['wireMm']).toBeCloseTo(300 / Math.cos(Math.PI / 6), 9);
    expect(sheet.values['foamAlongWireMm']).toBeCloseTo(57.735, 3);
    expect(sheet.values['anchorShiftMm']).toBeCloseTo(300 * Math.tan(Math.PI / 6), 9);
    expect(upright.values['fenceMm']).toBeCloseTo(40 + upright.values['kerfMm']! / 2, 12);
    expect(sheet.rig.wire.lengthMm).toBeCloseTo(346.41, 2);
  });
  it('a ring: the hole first, turned no faster than seven tenths of the max feed', () => {
    const sheet = worksheetOf(job('disc', {}, { ...TABLE, cut: { ...TABLE.cut, reserve: 0.9 } }));
    const steps = sheet.steps.filter((s) => s.code === 'set-pin');
    expect(steps.map((s) => s.values['radiusMm'])).toEqual([30, 60]);
    expect(sheet.steps.findIndex((s) => s.code === 'hole-first')).toBeLessThan(sheet.steps.indexOf(steps[0]!));
    const fastest = solve(sheet.rig).cutting!.fastestFeedMmS!;
    expect(sheet.values['feedMmS']! / fastest).toBeCloseTo(0.7, 9);
    expect(sheet.values['secondsPerTurn']).toBeCloseTo((2 * Math.PI * 60) / (0.7 * fastest), 6);
    expect(sheet.values['holePinMm']).toBeCloseTo(30 - sheet.values['kerfMm']! / 2, 12);
  });
  it('a tilted wire leans towards what the foam is led by: the fence, or the pin', () => {
    const told = (j: Job) => toldWorksheet(worksheetOf(j)).steps.find((s) => s.code === 'set-tilt')!.text;
    expect(told(job('strips'))).toContain('towards the fence');
    expect(told(job('strips', { tiltDeg: -20 }))).toContain('away from the fence');
    expect(told(job('disc', { tiltDeg: 10 }))).toContain('towards the pin');
  });
  it('too small a hole, too thin a ring, a cone that closes are stopped', () => {
    expect(codes(job('disc', { innerMm: 1 }))).toContain('radius-too-small');
    expect(codes(job('disc', { innerMm: 119 }))).toContain('ring-too-thin');
    expect(codes(job('disc', { innerMm: null, tiltDeg: 55 }))).toContain('cone-closes');
  });
  it('a cut-out is hung again at the tension that it had', () => {
    const sheet = worksheetOf(job('cutout'));
    expect(sheet.values['insetMm']).toBeCloseTo(sheet.values['kerfMm']! / 2, 12);
    const [off, on] = ['let-go', 'hang-again'].map((code) => sheet.steps.find((s) => s.code === code)!);
    expect(on!.values['tensionN']).toBe(off!.values['tensionN']);
    expect(sheet.values['pathMm']).toBeCloseTo(240, 12);
  });
});

describe('loop and drop board', () => {
  it('a loop bent for the groove fills it in one pass; a narrow one takes more', () => {
    const one = worksheetOf(job('groove'));
    expect(one.values['passes']).toBe(1);
    expect(one.values['grooveWidthMm']).toBeCloseTo(20, 9);
    const more = worksheetOf(job('groove', { widthMm: 60, loopMm: 20 }));
    expect(more.values['passes']).toBe(4);
    expect(more.parts).toHaveLength(4);
    expect(more.parts.at(-1)!.atMm! + more.parts[0]!.atMm!).toBeCloseTo(60, 9);
  });
  it('a thin loop bends; a thicker one less', () => {
    const tip = (mm: number) =>
      values(
        job(
          'groove',
          { depthMm: 30 },
          {
            ...LOOP,
            wire: { ...LOOP.wire, diameterMm: mm },
            control: { ...LOOP.control, setting: 5 * (mm / 0.8) ** 1.5 },
          },
        ),
      ).tipMm!;
    expect(tip(0.5)).toBeGreaterThan(2 * tip(0.8));
  });
  it('segments are laid out within the stock, each piece once', () => {
    const lengths = Array.from({ length: 200 }, (_, i) => 50 + (i % 17) * 40);
    const sheet = worksheetOf(job('segments', { lengthsMm: lengths }));
    expect(sheet.parts.map((p) => p.lengthMm).sort((a, b) => a! - b!)).toEqual(
      [...lengths].sort((a, b) => a - b),
    );
    const ends = new Map<number, number>();
    for (const p of sheet.parts) ends.set(p.board!, Math.max(ends.get(p.board!) ?? 0, p.atMm!));
    for (const end of ends.values()) expect(end).toBeLessThan(1000 + sheet.values['kerfMm']!);
    expect(Math.max(...ends.keys())).toBe(sheet.values['boards']);
  });
  it('turning every second piece over closes the row', () => {
    const open = job('segments', { lengthsMm: [100, 100, 100, 100, 100], errorDeg: 0.3 });
    expect(codes(open)).toContain('row-opens');
    expect(codes({ ...open, turnOver: true } as Job)).not.toContain('row-opens');
  });
});
