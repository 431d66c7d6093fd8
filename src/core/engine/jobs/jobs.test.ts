import { describe, expect, it } from 'vitest';
import { ARM_MATERIALS } from '../../catalog/armMaterials';
import { faultsOf } from '../../documents/faults';
import { jobSchema } from '../../documents/job';
import { JOB_KINDS, type JobKind } from '../../documents/jobKinds';
import { FRAME_KINDS } from '../../documents/rig';
import { isTowerKind } from '../../documents/towerJobs';
import { worksheetSchema } from '../../documents/worksheet';
import { runVerb } from '../../edge/verbs';
import { toldWorksheet } from '../../words/jobs';
import { shouldReadText, stepText } from '../../words/jobSteps';
import { sayIn } from '../../words/say';
import { solve } from '../solve';
import { dice, sweptRig } from '../sweepRigs';
import { testRig } from '../testRigs';
import { cutterOf, does, frameOf, head, job, JOBS, SLICER } from './testJobs';
import { anyOfTowers } from './towers/testAny';
import { worksheetOf } from './worksheet';

describe('every kind of job', () => {
  it.each(JOB_KINDS)('%s: is cut, with steps, and its document is the one that is published', (kind) => {
    const sheet = worksheetOf(job(kind));
    expect(sheet.findings.filter((f) => f.level === 'stop')).toEqual([]);
    expect(sheet.steps.length).toBeGreaterThan(3);
    if (kind !== 'build') expect(sheet.timeS).toBeGreaterThan(20);
    const told = worksheetSchema.parse(toldWorksheet(sheet));
    for (const { text } of [...told.steps, ...told.findings, ...told.materials])
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
        expect(read.success).toBe(does(frame, kind));
        if (!read.success) expect(faultsOf(read.error)[0]!.path).toMatch(/^(kind|of\.kind)$/);
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
  if (kind === 'build')
    return {
      kind,
      of: {
        kind: 'table',
        boardMm: [mm(50, 1200), mm(50, 800), mm(3, 40)],
        postMm: mm(20, 800),
        reachMm: mm(20, 800),
        material: d.pick(ARM_MATERIALS),
        section:
          d.even() < 0.5
            ? { kind: 'bar', widthMm: mm(1, 60), thickMm: mm(0.5, 60) }
            : { kind: 'tube', outerMm: 30, innerMm: mm(1, 29) },
        gapMm: d.even() < 0.5 ? null : mm(1, 200),
      },
    };
  if (isTowerKind(kind)) return anyOfTowers(kind, d);
  return {
    kind,
    blockMm: [mm(10, 300), mm(50, 1000), 1200],
    lengthsMm: Array.from({ length: 1 + Math.floor(30 * d.even()) }, () => mm(20, 1200)),
    angleDeg: d.even() < 0.5 ? 0 : 40 * d.even(),
    turnOver: d.even() < 0.5,
  };
}
