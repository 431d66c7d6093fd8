import { Clipper, EndType, FillRule, JoinType } from 'clipper2-ts';
import { describe, expect, it } from 'vitest';
import { signedDistance } from '../../numeric/inside';
import { boxOf, signedArea, type Pt } from '../../numeric/polyline';
import { motionSchema, replaySchema } from '../../documents/motion';
import { atFeedOf } from '../template/heat';
import { motionOf } from './motion';
import { replayOf } from './replay';
import { motionCut } from './motionCut';
import { outlineJob, round, seededOutline, square, TOWERS } from './testMotion';
import { unlike } from './testTowers';
import { shareInBox } from '../../numeric/box';

type OutlineJob = ReturnType<typeof outlineJob>;
const of = (job: OutlineJob) => motionOf(job, job.rig);
const codes = (job: OutlineJob) => of(job).figures.findings.map((f) => f.code);
const replay = (job: OutlineJob, code: string, over: object = {}) =>
  replayOf(replaySchema.parse({ machine: job.machine, rig: job.rig, blockMm: job.blockMm, code, ...over }))
    .figures;

describe('an outline as a path', () => {
  it('a square with a square hole: the hole first, one way in and out, all by the kerf that solve gives', () => {
    const job = outlineJob();
    const { figures, path } = of(job);
    const h = atFeedOf(motionCut(job, job.rig).cut.e)!;
    expect(path!.kerfMm).toBeCloseTo(h.slot(h.advised), 9);
    const steps = path!.what.map((w, i) => ({ w, at: path!.program.moves[i]!.at }));
    const inHole = (at: readonly number[]) => signedDistance(square(85, 65, 30), [at[0]!, at[1]!]) < 0;
    const loops = steps.filter((s) => s.w === 'loop');
    // The hole's wire runs inside it, the part's outside.
    expect(loops.some((s) => inHole(s.at))).toBe(true);
    const lastHole = steps.findLastIndex((s) => s.w === 'loop' && inHole(s.at));
    expect(lastHole).toBeLessThan(steps.findLastIndex((s) => s.w === 'loop' && !inHole(s.at)));
    // From 10 mm before the block to the part's edge less half a kerf; across the part's wall and a half more on either side.
    // less what both stand further out where the wire is slow.
    const [into, across] = path!.slits.map((s) => s.lengthMm);
    expect(Math.abs(into! - (70 - path!.kerfMm / 2))).toBeLessThan(0.1);
    expect(Math.abs(across! - (25 + path!.kerfMm))).toBeLessThan(0.2);
    expect(path!.program.moves.at(-1)!.heat).toBe(0);
    expect(figures.findings.filter((f) => f.level === 'stop')).toEqual([]);
    expect(figures.bridgesMm!).toBeGreaterThan(path!.kerfMm);
    expect(motionSchema.shape.passes.safeParse(figures.passes).success).toBe(true);
    expect(motionSchema.shape.forecast.safeParse(figures.forecast).success).toBe(true);
  });
  it('against an independent sweep of the wire along the path: part and hole within 0.02 mm', () => {
    for (const { loops, middle } of [
      { loops: [square(60, 40, 80), square(85, 65, 30)], middle: [100, 80] as Pt },
      {
        loops: [round(120, 80, 90, (s) => 45 + 6 * Math.sin(10 * Math.PI * s)), round(120, 80, 40, () => 14)],
        middle: [120, 80] as Pt,
      },
    ]) {
      const job = outlineJob({ loops });
      const { path } = of(job);
      const { program, cutting, what } = path!;
      // Each way of the wire's middle as a round-ended band of its own kerf, all of them taken out of the block.
      const bands = program.moves.flatMap((move, i) => {
        const w = cutting.leftKerf[i]!;
        if (!Number.isFinite(w) || what[i] === 'slit') return [];
        const before = program.moves[i - 1]!.at;
        const line = [
          { x: before[0]!, y: before[1]! },
          { x: move.at[0]!, y: move.at[1]! },
        ];
        return Clipper.inflatePathsD([line], w / 2, JoinType.Round, EndType.Round, 2, 6, 0.0005);
      });
      const block = square(0, 0, 1).map(([x, y]) => ({ x: 240 * x, y: 160 * y }));
      const left = Clipper.differenceD([block], bands, FillRule.NonZero, 6)
        .map((l) => l.map(({ x, y }): Pt => [x, y]))
        .filter((l) => l.length > 2);
      // What is left that is neither the frame about it nor the core of the hole: the part's edges.
      const outer = left.filter((l) => signedArea(l) > 0 && Math.abs(signedArea(l)) < 0.9 * 240 * 160);
      const part = outer.reduce((a, b) => (signedArea(b) > signedArea(a) ? b : a));
      const off = (edge: readonly Pt[], wanted: readonly Pt[]) =>
        // Inside corners keep a fillet of half a kerf: looked at along the edges, away from corners.
        Math.max(
          ...wanted.flatMap((p, i) => {
            const q = wanted[(i + 1) % wanted.length]!;
            return [0.25, 0.5, 0.75].map((t) =>
              Math.abs(signedDistance(edge as Pt[], [p[0] + t * (q[0] - p[0]), p[1] + t * (q[1] - p[1])])),
            );
          }),
        );
      expect(off(part, loops[0]! as Pt[])).toBeLessThan(0.02);
      const hole = left.filter((l) => signedArea(l) < 0 && signedDistance(l, middle) < 0);
      expect(hole.length).toBeGreaterThan(0);
      const edge = hole.reduce((a, b) => (Math.abs(signedArea(b)) < Math.abs(signedArea(a)) ? b : a));
      expect(off(edge, loops[1]! as Pt[])).toBeLessThan(0.02);
    }
  });
  it('entry in the block, parts that touch, holes that close and loops past the block are told', () => {
    expect(codes(outlineJob({ entry: [100, 80] }))).toEqual(['entry-in-block']);
    expect(codes(outlineJob({ loops: [square(40, 40, 50), square(90.3, 40, 50)] }))).toContain(
      'parts-too-near',
    );
    expect(codes(outlineJob({ loops: [square(60, 40, 80), square(90, 70, 0.3)] }))).toContain('hole-closes');
    expect(codes(outlineJob({ loops: [square(-5, 40, 80)] }))).toContain('outside-block');
    expect(codes(outlineJob({ rig: { ...TOWERS, control: { ...TOWERS.control, setting: 0 } } }))).toEqual([
      'no-feed',
    ]);
  });
  it('parts laid out: turned, mirrored and moved as a group; one over another is told', () => {
    const loops = [square(0, 0, 40).map(([x, y]) => [x, y / 2]), square(5, 5, 10)];
    const part = { loops: [0, 1], at: [30, 40] };
    const { path } = of(
      outlineJob({ loops, parts: [part, { ...part, at: [110, 40], turnDeg: 90, mirrored: true }] }),
    );
    const boxes = path!.loops.map((l) => [
      ...[0, 1].map((k) => Math.round(Math.min(...l.map((p) => p[k]!)))),
      ...[0, 1].map((k) => Math.round(Math.max(...l.map((p) => p[k]!)))),
    ]);
    expect(boxes).toContainEqual([30, 40, 70, 60]);
    expect(boxes).toContainEqual([35, 45, 45, 55]);
    // Mirrored, its hole is at 25 to 35 from its left; turned by 90° that is upwards.
    expect(boxes).toContainEqual([110, 40, 130, 80]);
    expect(boxes).toContainEqual([115, 65, 125, 75]);
    expect(codes(outlineJob({ loops, parts: [part, { ...part, at: [40, 40] }] }))).toContain('parts-too-near');
  });
});

/** 200 seeded jobs and their paths, worked out once. */
const seeded = Array.from({ length: 200 }, (_, i) => {
  const job = seededOutline(i + 1);
  return { seed: i + 1, job, ...of(job) };
});

describe('the program’s own code', () => {
  it('what is found of a path stands at the line of its code, as when that is read back', () => {
    const axis = { minMm: -100, maxMm: 500, maxMmS: 4 };
    const job = outlineJob({
      machine: { format: 'upwind-rod/machine', version: 1, axes: { X: axis, Y: axis, U: axis, V: axis } },
    });
    const { figures } = of(job);
    const again = replay(job, figures.code).findings;
    const slow = figures.findings.filter((f) => f.line !== null);
    expect(slow.map((f) => f.code)).toContain('over-axis-speed');
    for (const f of slow) {
      expect(figures.code.split('\n')[f.line! - 1]).toMatch(/^G1 /);
      const like = (x: typeof f) =>
        [x.code, x.level, x.values['axis'], x.values['face']].join() ===
        [f.code, f.level, f.values['axis'], f.values['face']].join();
      expect(again.find(like)?.line, f.code).toBe(f.line);
    }
    // Of many places that are equally wide one is named.
    expect(figures.code.split('\n')[figures.forecast!.widest!.line - 1]).toMatch(/^G1 /);
  });
  it('no code for a rig that must not be powered, nor for a path that a finding stops', () => {
    const pvc = outlineJob({ rig: { ...TOWERS, foam: { ...TOWERS.foam, kind: 'pvc' } } });
    const stopped = of(pvc).figures;
    expect(stopped.findings[0]).toMatchObject({ code: 'rig-stopped', level: 'stop' });
    expect(stopped.code).toBe('');
    expect(replay(pvc, 'G21 G90 G93\nM3 S1000').findings.map((f) => f.code)).toContain('rig-stopped');
    const far = outlineJob({ loops: [square(450, 40, 80)], blockMm: [700, 400, 160] });
    expect(of(far).figures.findings.map((f) => f.code)).toContain('out-of-travel');
    expect(of(far).figures.code).toBe('');
  });
  it('replayed it gives its own forecast to 0.005 mm and its time to 0.1 %, for 200 seeded jobs', () => {
    const ways = new Set<string>();
    for (const { seed, job, figures } of seeded) {
      const again = replay(job, figures.code);
      const name = `seed ${seed} ${JSON.stringify(job.machine.code)}`;
      ways.add(`${job.machine.code.feed} ${job.machine.code.means} ${job.machine.code.units}`);
      expect(
        figures.findings.filter((f) => f.level === 'stop'),
        name,
      ).toEqual([]);
      expect(
        again.findings.filter((f) => f.level === 'stop'),
        name,
      ).toEqual([]);
      const [a, b] = [figures.forecast!, again.forecast!];
      expect(unlike(a, b), name).toEqual([]);
      expect(Math.abs(a.widest!.kerfMm - b.widest!.kerfMm), name).toBeLessThan(0.005);
    }
    // G93, and G94 by each meaning, in both units.
    expect([...ways].filter((w) => w.startsWith('G94')).length).toBe(6);
    expect([...ways].filter((w) => w.startsWith('G93')).length).toBeGreaterThan(3);
  });
  it('no legal job crosses a finished part, goes rapidly in foam, leaves travel, or ends in foam: 200 seeded jobs', () => {
    for (const { seed, job, path } of seeded) {
      const boxes = path!.centres.map((c) => boxOf(c));
      const { moves, start } = path!.program;
      const [wide, , high] = job.blockMm;
      const block = { x0: 1e-6, y0: 1e-6, x1: wide - 1e-6, y1: high - 1e-6 };
      let from: readonly number[] = start;
      const done = new Set<number>();
      const closesAt = path!.centres.map((_, k) => path!.loopOf.lastIndexOf(k));
      moves.forEach((move, i) => {
        const [x0, y0, x1, y1] = [from[0]!, from[1]!, move.at[0]!, move.at[1]!];
        if (move.kind === 'rapid') expect(shareInBox([x0, y0], [x1, y1], block), `seed ${seed}`).toBe(null);
        const middle: Pt = [(x0 + x1) / 2, (y0 + y1) / 2];
        for (const k of done) {
          const b = boxes[k]!;
          if (middle[0] < b.x0 || middle[0] > b.x1 || middle[1] < b.y0 || middle[1] > b.y1) continue;
          if (signedArea(path!.centres[k]!) > 0)
            expect(
              signedDistance(path!.centres[k]!, middle),
              `seed ${seed}: move ${i} in finished part ${k}`,
            ).toBeGreaterThan(-0.02);
        }
        closesAt.forEach((last, k) => i === last && done.add(k));
        from = move.at;
      });
      expect(done.size).toBe(path!.centres.length);
      expect(from[0]! < 0 || from[1]! > high || from[0]! > wide, `seed ${seed}`).toBe(true);
      expect(moves.at(-1)!.heat).toBe(0);
    }
  });
});
