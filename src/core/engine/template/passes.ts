import type { Plan } from '../../documents/plan';
import { arcs, lengthOf, nearest, pointAt, turnAt, type Pt } from '../../numeric/polyline';
import { arcAtShare } from '../../physics/shape/surfaces';
import { turnedAbout, turnLine } from './chordLine';
import { CORNER_DEG, stationShares, type Edges } from './ends';
import type { End, Side, NominalSection } from './nominalSection';

export type PassSide = Side | 'outline' | 'square';

/** One line that the wire follows at one end: from the start in waste over the stations to the end of the tail, as it stands. */
export interface Line {
  readonly points: readonly Pt[];
  /** Arc of each node along the line. */
  readonly nodes: readonly number[];
}
export type NodeKind = 'start' | 'station' | 'corner' | 'out';
/** A place that both ends reach at the same time. */
export interface Node {
  readonly kind: NodeKind;
  /** Number of a station; of a corner, of the station before it. */
  readonly n: number;
  /** Degrees turned here on the root, to the left over 0. */
  readonly turnDeg: number;
}
/** A pass of the wire: both ends, node by node. */
export interface Pass {
  readonly side: PassSide;
  readonly nodes: readonly Node[];
  readonly root: Line;
  readonly tip: Line;
}

/** A line of one end before it is laid out, and the arcs of its stations and corners. */
interface Bare {
  readonly points: Pt[];
  readonly stations: number[];
  readonly corners: number[];
}

/** The passes of a plan: top and bottom apart, all round in one, or one straight cut. */
export function passesOf(
  plan: Plan,
  root: NominalSection,
  tip: NominalSection,
  rootEdges: Edges,
  tipEdges: Edges,
): Pass[] {
  const t = plan.template;
  const one = (side: Side): [Bare, Bare] => {
    const shares = stationShares(plan, root, side);
    const byArc = !(root.plain && tip.plain);
    return [bareOf(root, rootEdges, side, shares, byArc), bareOf(tip, tipEdges, side, shares, byArc)];
  };
  const order: Side[] = t.firstCut === 'bottom' ? ['bottom', 'top'] : ['top', 'bottom'];
  if (t.split === 'top-bottom') return order.map((side) => joined(plan, side, root, tip, ...one(side)));
  if (t.split === 'turned') {
    const [side, other] = order as [Side, Side];
    const first = one(side);
    return [
      joined(plan, side, root, tip, ...first),
      joined(plan, other, root, tip, mirrored(first[0], root), mirrored(first[1], tip)),
    ];
  }
  if (t.split === 'square')
    return [joined(plan, 'square', root, tip, straight(root, t.stations), straight(tip, t.stations))];
  const [topR, topT] = one('top');
  const [bottomR, bottomT] = one('bottom');
  return [joined(plan, 'outline', root, tip, around(topR, bottomR), around(topT, bottomT))];
}

/** A surface's edge with the arcs of its stations: the wanted surface's stations, each carried to the nearest place of the edge. */
function bareOf(w: NominalSection, edges: Edges, side: Side, shares: readonly number[], byArc: boolean): Bare {
  const surface = w[side];
  const edge = edges[side];
  const along = arcs(surface);
  const whole = along[along.length - 1]!;
  const length = lengthOf(edge);
  let last = 0;
  const stations = shares.map((s, i) => {
    if (i === 0) return 0;
    if (i === shares.length - 1) return length;
    const arc = byArc ? s * whole : arcAtShare(surface, s);
    last = Math.max(last, nearest(edge, pointAt(surface, along, arc)).arc);
    return last;
  });
  return { points: [...edge], stations, corners: cornersOf(edge) };
}

/** The same edge, its stations and corners, turned over about the line that the block is. */
const mirrored = (b: Bare, w: NominalSection): Bare => ({ ...b, points: turnedAbout(turnLine(w), b.points) });

/** Arcs of an edge's corners; a corner that the allowance has rounded is one where it turns far within a wire's breadth. */
function cornersOf(edge: readonly Pt[]): number[] {
  const along = arcs(edge);
  const out: number[] = [];
  let turned = 0;
  let from = 0;
  for (let i = 1; i < edge.length - 1; i++) {
    if (along[i]! - along[from]! > 1.5) {
      turned = 0;
      from = i;
    }
    turned += turnAt(edge, i);
    if (Math.abs(turned) < CORNER_DEG) continue;
    if (out.length === 0 || along[i]! - out[out.length - 1]! > 1.5) out.push(along[i]!);
    turned = 0;
    from = i;
  }
  return out;
}

/** One straight cut along the top of the section's box, from the nose's x to the tail's. */
function straight(w: NominalSection, stations: number): Bare {
  const y = Math.max(...w.top.map((p) => p[1]));
  const x0 = Math.min(...w.loop.map((p) => p[0]));
  const x1 = Math.max(...w.loop.map((p) => p[0]));
  return {
    points: [
      [x0, y],
      [x1, y],
    ],
    stations: Array.from({ length: stations + 1 }, (_, i) => (i * (x1 - x0)) / stations),
    corners: [],
  };
}

/** Over the top from the tail to the nose, then under it back to the tail. */
function around(top: Bare, bottom: Bare): Bare {
  const length = lengthOf(top.points);
  return {
    points: [...[...top.points].reverse(), ...bottom.points.slice(1)],
    stations: [
      ...top.stations.map((a) => length - a).reverse(),
      ...bottom.stations.slice(1).map((a) => a + length),
    ],
    corners: [...top.corners.map((a) => length - a).reverse(), ...bottom.corners.map((a) => a + length)],
  };
}

/** Both ends of a pass with their lead-in and tail, laid out, and the nodes they share. */
function joined(plan: Plan, side: PassSide, root: NominalSection, tip: NominalSection, r: Bare, t: Bare): Pass {
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
