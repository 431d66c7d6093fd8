import { describe, expect, it } from 'vitest';
import type { Plan } from '@/core/documents/plan';
import type { OwnEdge } from '@/core/documents/ownEdge';
import { merge } from '@/core/engine/merge';
import { chordLine } from '@/core/engine/template/chordLine';
import { edgeOfOutline, edgeOfTrace, firstMarks, likelyOutline } from '@/core/engine/template/own';
import { planOut } from '@/core/engine/template/template';
import { seededPlan } from '@/core/engine/template/testPlans';
import { planeOf } from '@/core/numeric/homography';
import { apart, arcs, pointAt, type Pt } from '@/core/numeric/polyline';
import { readDxf } from '../section/readDxf';
import { readSvg } from '../section/readSvg';
import { templateDxf } from './dxf';
import { templateSvg } from './svg';

type Piece = ReturnType<typeof planOut>['passes'][number]['pieces']['root'];
const pairOf = (seed: number) => merge(seededPlan(seed, 20), { template: { split: 'top-bottom' } });

/** A plan with every edge of its own templates given back by `take`. */
function given(plan: Plan, take: (piece: Piece, chord: readonly [Pt, Pt]) => OwnEdge): Plan {
  const t = planOut(plan);
  const own: Record<string, Record<string, OwnEdge>> = { root: {}, tip: {} };
  for (const { pass, pieces } of t.passes)
    for (const end of ['root', 'tip'] as const) {
      const [nose, tail] = t.wanted[end].lay(chordLine(t.wanted[end]));
      own[end]![pass.side] = take(pieces[end], [nose!, tail!]);
    }
  return merge(plan, { template: { own } });
}
function differ(a: Plan, b: Plan): number {
  const [x, y] = [planOut(a), planOut(b)].map((t) => t.passes.flatMap((p) => p.forecast));
  return Math.max(
    ...x!.flatMap((f, i) => (['root', 'middle', 'tip'] as const).map((k) => Math.abs(f[k] - y![i]![k]))),
  );
}
const rounded = (points: readonly Pt[], digits: number) =>
  points.map(([x, y]): [number, number] => [Number(x.toFixed(digits)), Number(y.toFixed(digits))]);

/** What the dialog takes of a file as it proposes it: the largest outline, the chord line that is marked. */
const fromFile =
  (write: (p: Piece) => string, read: typeof readSvg) =>
  (piece: Piece, chord: readonly [Pt, Pt]): OwnEdge => {
    const found = read(write(piece), 0.2);
    const points = found.outlines[likelyOutline(found.outlines, found.lines, apart(...chord))]!.points;
    const marks = firstMarks(points, found.lines, apart(...chord));
    return { kind: 'line', points: rounded(edgeOfOutline(points, marks)!, 4) };
  };

describe('the program’s own templates taken back', () => {
  it.each([1, 3, 5])('seed %d: by SVG, the forecast is the plan’s within 0.02 mm', (seed) => {
    const plan = pairOf(seed);
    expect(differ(plan, given(plan, fromFile(templateSvg, readSvg)))).toBeLessThan(0.02);
  });
  it.each([2, 4, 6])('seed %d: by DXF, the same', (seed) => {
    const plan = pairOf(seed);
    expect(differ(plan, given(plan, fromFile(templateDxf, readDxf)))).toBeLessThan(0.02);
  });
  // A pinhole camera 700 mm off, 25° from square on; a picture of 4000 px for about 500 mm, every point clicked to a whole pixel.
  it.each([1, 2, 5])('seed %d: by a photo in perspective, within 0.3 mm', (seed) => {
    const plan = pairOf(seed);
    const [cos, sin] = [Math.cos(0.44), Math.sin(0.44)];
    const see = ([x, y]: Pt): Pt => {
      const far = 700 + sin * (y + 0.3 * x);
      return [Math.round(2000 + (5200 * (x - 100)) / far), Math.round(1500 - (5200 * cos * y) / far)];
    };
    const square: Pt[] = [
      [-20, -40],
      [80, -40],
      [80, -140],
      [-20, -140],
    ];
    const plane = planeOf(square.map(see), [
      [0, 100],
      [100, 100],
      [100, 0],
      [0, 0],
    ])!;
    const traced = (piece: Piece, chord: readonly [Pt, Pt]): OwnEdge => {
      const t = planOut(plan).passes.find((p) => p.pass.side === piece.side)!.pass;
      const line = t[piece.end];
      const along = arcs(line.points);
      const [from, to] = [line.nodes[1]!, line.nodes.at(-2)!];
      const points = Array.from({ length: 31 }, (_, i) =>
        pointAt(line.points, along, from + (to - from) * (i / 30) ** 2),
      );
      const edge = edgeOfTrace(
        points.map((q) => plane(see(q))),
        [plane(see(chord[0])), plane(see(chord[1]))],
        false,
      );
      return { kind: 'points', points: rounded(edge!, 3) };
    };
    const off = differ(plan, given(plan, traced));
    expect(off).toBeGreaterThan(0.005);
    expect(off).toBeLessThan(0.3);
  });
});
