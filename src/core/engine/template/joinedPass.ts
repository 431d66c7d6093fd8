import type { Plan } from '../../documents/plan';
import { arcs, lengthOf, pointAt, type Pt } from '../../numeric/polyline';
import type { End, NominalSection } from './nominalSection';
import type { PassSide, NodeKind, Node, Pass } from './pass';
import type { Bare } from './barePasses';

/** Both ends of a pass with their lead-in and tail, laid out, and the nodes they share. */
export function joined(
  plan: Plan,
  side: PassSide,
  root: NominalSection,
  tip: NominalSection,
  r: Bare,
  t: Bare,
): Pass {
  const matched = r.corners.length === t.corners.length;
  const tails = tailsOf(plan, lengthOf(r.points), lengthOf(t.points));
  const marks: { kind: NodeKind; n: number; r: number; t: number }[] = r.stations.map((arc, n) => ({
    kind: 'station',
    n,
    r: arc,
    t: t.stations[n]!,
  }));
  if (matched)
    r.corners.forEach((arc, k) => {
      const at = t.corners[k]!;
      const near = marks.find(
        (m) => m.kind === 'station' && Math.abs(m.r - arc) < 1.5 && Math.abs(m.t - at) < 1.5,
      );
      if (near) return;
      const after = marks.findIndex((m) => m.r > arc);
      const before = marks[after - 1];
      if (!before || !(at > before.t && at < marks[after]!.t)) return;
      marks.splice(after, 0, { kind: 'corner', n: before.n, r: arc, t: at });
    });
  const rootLine = lined(plan, side, root, r.points, tails.root);
  const tipLine = lined(plan, side, tip, t.points, tails.tip);
  const lead = plan.template.leadInMm;
  const nodes = (l: { length: number }, pick: 'r' | 't') => [0, ...marks.map((m) => lead + m[pick]), l.length];
  const turns = turnsAt(
    rootLine.points,
    marks.map((m) => lead + m.r),
  );
  return {
    side,
    nodes: [
      { kind: 'start', n: -1, turnDeg: 0 },
      ...marks.map((m, i): Node => ({ kind: m.kind, n: m.n, turnDeg: turns[i]! })),
      { kind: 'out', n: plan.template.stations * (side === 'outline' ? 2 : 1) + 1, turnDeg: 0 },
    ],
    root: { points: rootLine.points, nodes: nodes(rootLine, 'r') },
    tip: { points: tipLine.points, nodes: nodes(tipLine, 't') },
  };
}

/** Degrees a line turns within a wire's breadth of each arc. */
function turnsAt(line: readonly Pt[], at: readonly number[]): number[] {
  const along = arcs(line);
  const heading = (arc: number) => {
    const a = pointAt(line, along, arc - 0.05);
    const b = pointAt(line, along, arc + 0.05);
    return Math.atan2(b[1] - a[1], b[0] - a[0]);
  };
  return at.map((arc) => {
    if (arc < 1 || arc > along[along.length - 1]! - 1) return 0;
    const d = heading(arc + 0.75) - heading(arc - 0.75);
    return (Math.atan2(Math.sin(d), Math.cos(d)) * 180) / Math.PI;
  });
}

/** Straight pieces before and after an edge: in level along the chord from waste, out along the tail's own direction. */
function lined(plan: Plan, side: PassSide, w: NominalSection, edge: readonly Pt[], tail: number) {
  const lead = plan.template.leadInMm;
  // A level way in and out, whatever the twist: waste stands where the block was set, not where the section turns.
  const laid = w.lay(edge);
  const [fx, fy] = laid[0]!;
  const [lx, ly] = laid[laid.length - 1]!;
  const from: Pt = side === 'outline' ? [fx + lead, fy] : [fx - lead, fy];
  const points: Pt[] = [from, ...laid, [lx + tail, ly]];
  return { points, length: lengthOf(points) };
}

/**
 * Tails of both ends, mm. Where both ends go at one feed (equal pulls, a falling bow, an anchored wire has its own), the end with the
 * shorter way is out first and stays in its tail for the difference.
 */
function tailsOf(plan: Plan, root: number, tip: number): Record<End, number> {
  const t = plan.template.tailMm;
  const k = plan.method.kind;
  const oneFeed = k === 'equal-pull' || k === 'gravity';
  return {
    root: t + (oneFeed ? Math.max(0, tip - root) : 0),
    tip: t + (oneFeed ? Math.max(0, root - tip) : 0),
  };
}
