import { describe, expect, it } from 'vitest';
import type { Plan } from '../../documents/plan';
import type { OwnEdge } from '../../documents/ownEdge';
import { arcs, lengthOf, nearest, pointAt, type Pt } from '../../numeric/polyline';
import { merge } from '../merge';
import { edgesOf } from './ends';
import { chordLine } from './chordLine';
import { carried, edgeOfOutline } from './own';
import { planOut } from './template';
import { worstOf } from './written';
import type { End, Side } from './nominalSection';
import { seededPlan, testPlan } from './testPlans';

const FRAME = [
  [0, 0],
  [1, 0],
] as const;

/** The edge that the program made of a plan, as somebody who has it would give it: in its chord line's frame, moved up by `up`. */
function madeEdge(plan: Plan, end: End, side: Side, how: OwnEdge['kind'], up = 0): OwnEdge {
  const t = planOut(plan);
  const w = t.wanted[end];
  const edge = carried(edgesOf(w, t.grows[end])[side], chordLine(w), FRAME);
  const lifted = edge.map(([x, y]): Pt => [x, y + up]);
  if (how === 'line') return { kind: 'line', points: lifted.map(([x, y]) => [x, y]) };
  // Heights as one would take them: at 40 stations, close together at the nose.
  const along = arcs(lifted);
  const whole = lengthOf(lifted);
  const points = Array.from({ length: 41 }, (_, i) => pointAt(lifted, along, whole * (i / 40) ** 2));
  return { kind: 'points', points: points.map(([x, y]) => [Number(x.toFixed(2)), Number(y.toFixed(2))]) };
}
const allOwn = (plan: Plan, how: OwnEdge['kind']) => {
  const of = (end: End) => ({
    top: madeEdge(plan, end, 'top', how),
    bottom: madeEdge(plan, end, 'bottom', how),
  });
  return merge(plan, { template: { own: { root: of('root'), tip: of('tip') } } });
};
/** How far the forecast of two plans differs at most at an end or in the middle, mm, sample by sample. */
function differ(a: Plan, b: Plan): number {
  const [x, y] = [planOut(a), planOut(b)].map((t) => t.passes.flatMap((p) => p.forecast));
  expect(x!.length).toBe(y!.length);
  return Math.max(
    ...x!.flatMap((f, i) => (['root', 'middle', 'tip'] as const).map((k) => Math.abs(f[k] - y![i]![k]))),
  );
}

describe('templates that their maker has', () => {
  it.each([1, 2, 3, 4, 5, 6])(
    'seed %d: the program’s own edges taken back as lines forecast what the plan does, 0.02 mm',
    (seed) => {
      const plan = seededPlan(seed, 20);
      expect(differ(plan, allOwn(plan, 'line'))).toBeLessThan(0.02);
    },
  );
  it.each([1, 2, 3, 4, 5, 6])('seed %d: taken back by heights to a hundredth, 0.05 mm', (seed) => {
    const plan = seededPlan(seed, 20);
    expect(differ(plan, allOwn(plan, 'points'))).toBeLessThan(0.05);
  });
  it('an edge half a millimetre high gives a core half a millimetre proud, and says so', () => {
    const plan = testPlan();
    const own = merge(plan, {
      template: { own: { root: { top: madeEdge(plan, 'root', 'top', 'line', 0.8) } } },
    });
    const is = planOut(own);
    const top = is.passes.find((p) => p.pass.side === 'top')!.forecast;
    // Where the edge runs along the chord, lifted is square to it.
    const mid = top.find((f) => f.at >= 10)!;
    expect(mid.root).toBeCloseTo(0.8, 1);
    expect(mid.tip).toBeCloseTo(0, 2);
    expect(
      is.passes.find((p) => p.pass.side === 'bottom')!.forecast.every((f) => Math.abs(f.root) < 0.02),
    ).toBe(true);
    const found = is.findings.find((f) => f.code === 'own-edge-off')!;
    expect(found).toMatchObject({ level: 'fix', values: { end: 'root', side: 'top' } });
    expect(planOut(plan).findings.map((f) => f.code)).not.toContain('own-edge-off');
  });
  it('stays as it is when the dial turns: more heat takes more off, by half of what the kerf grew, and the heat that fits is named', () => {
    const plan = merge(testPlan({ rig: { cut: { feedMmS: 3 } } }), {});
    const own = allOwn(plan, 'line');
    const hot = merge(own, { rig: { control: { setting: 20 } } });
    const [a, b] = [planOut(own), planOut(hot)];
    const edge = (t: typeof a) => t.passes[0]!.pass.root.points.map((p) => p.join()).join(' ');
    expect(edge(b)).toBe(edge(a));
    const grew = (b.slot.root! - a.slot.root!) / 2;
    expect(grew).toBeGreaterThan(0.05);
    expect(worstOf(b, 'root').max! - worstOf(a, 'root').max!).toBeLessThan(-0.8 * grew);
    const { values } = b.findings.find((f) => f.code === 'template-other-kerf')!;
    const fitted = planOut(merge(hot, { rig: { control: { setting: values['setting'] } } }));
    const end = values['end'] as End;
    expect(Math.abs(fitted.slot[end]! - a.slot[end]!)).toBeLessThan(0.03);
  });
  it('an edge out of a drawn outline: the shorter way, or the other, from nose to tail, in the frame of its chord line', () => {
    const board: Pt[] = [
      [0, 0],
      [100, 0],
      [100, 20],
      [80, 26],
      [20, 26],
      [0, 20],
    ];
    const marks = { from: [0, 20], to: [100, 20], nose: [0, 10], tail: [100, 10] } as const;
    const near = (a: readonly Pt[] | null, b: readonly Pt[]) => {
      expect(a).toHaveLength(b.length);
      b.forEach((p, i) => expect(Math.hypot(p[0] - a![i]![0], p[1] - a![i]![1])).toBeLessThan(1e-9));
    };
    near(edgeOfOutline(board, marks), [
      [0, 10],
      [20, 16],
      [80, 16],
      [100, 10],
    ]);
    near(edgeOfOutline(board, marks, { otherWay: true }), [
      [0, 10],
      [0, -10],
      [100, -10],
      [100, 10],
    ]);
    // Turned and moved as a whole, nothing changes.
    const turn = (p: Pt): Pt => [7 - p[1], 3 + p[0]];
    const turned = edgeOfOutline(board.map(turn), {
      from: turn(marks.from),
      to: turn(marks.to),
      nose: turn(marks.nose),
      tail: turn(marks.tail),
    });
    near(turned, [
      [0, 10],
      [20, 16],
      [80, 16],
      [100, 10],
    ]);
    expect(edgeOfOutline(board, { ...marks, to: marks.from })).toBeNull();
    expect(nearest(board, [50, 40]).distance).toBeCloseTo(14, 9);
  });
});
