import { arcs, nearest, pointAt, segmentAt, type Pt } from '../../numeric/polyline';
import { lineShiftedBy } from '../../physics/motion/loops';
import { kerfAlong } from '../template/dwell';
import type { FeedSchedule, Slots } from '../template/feedSchedule';
import type { Allowed } from '../template/forecast';
import type { AtFeed } from '../template/heat';
import type { End } from '../template/nominalSection';
import type { Line, Pass } from '../template/pass';
import { coreSide, walkerOf } from '../template/walk';

/** How much further out each point of a face's line lies than half the nominal kerf, mm: over 0 away from the core. */
export interface Shift {
  /** The line's points with its nodes among them, which of them the nodes are, and how far each is moved. */
  readonly points: readonly Pt[];
  readonly nodes: readonly number[];
  readonly by: readonly number[];
}
type Both<T> = Readonly<Record<End, T>>;

/**
 * What each face's own kerf is wider than nominal on the way, as the machine leads it: half of it is how far the line must lie further out. `sense`: −1 where the
 * wire goes round inside a shape that falls out.
 */
export function shiftsOf(pass: Pass, taken: FeedSchedule, h: AtFeed, slots: Slots, sense: 1 | -1): Both<Shift> {
  const walk = walkerOf(pass);
  const of = (end: End): Shift => {
    const line = pass[end];
    const kerf = kerfAlong(taken, h, slots[end], walk[end]);
    const along = arcs(line.points);
    const all = [...along, ...line.nodes].sort((a, b) => a - b);
    const places = all.filter((s, k) => k === 0 || s - all[k - 1]! > 1e-7);
    const [first, last] = [line.nodes[1]!, line.nodes.at(-2)!];
    let leg = 0;
    const by = places.map((s) => {
      // In waste there is no edge to be kept.
      if (pass.side === 'square' || s < first || s > last) return 0;
      while (leg < taken.legs.length - 1 && s > line.nodes[leg + 1]!) leg++;
      const [a, b] = [line.nodes[leg]!, line.nodes[leg + 1]!];
      return (sense * (kerf.at(leg, b > a ? (s - a) / (b - a) : 0) - slots[end])) / 2;
    });
    const near = (s: number) => places.findIndex((x) => Math.abs(x - s) <= 1e-6);
    return { points: places.map((s) => pointAt(line.points, along, s)), nodes: line.nodes.map(near), by };
  };
  return { root: of('root'), tip: of('tip') };
}

/** A pass with its lines moved. */
export function shiftedPass(pass: Pass, shift: Both<Shift>): Pass {
  const side = coreSide(pass);
  const of = (end: End): Line => {
    const { points, nodes, by } = shift[end];
    const moved = lineShiftedBy(
      points,
      by.map((x) => side * x),
    );
    const along = arcs(moved);
    return { points: moved, nodes: nodes.map((k) => along[k]!) };
  };
  return { ...pass, root: of('root'), tip: of('tip') };
}

/** The kerf that shifted lines allow for from place to place. */
export function allowedBy(pass: Pass, shift: Both<Shift>, slots: Slots, sense: 1 | -1): Allowed {
  const of = (end: End) => {
    const { points } = pass[end];
    const along = arcs(points);
    const { by } = shift[end];
    return (p: Pt) => {
      const { arc } = nearest(points, p);
      const k = Math.min(segmentAt(along, arc), points.length - 2);
      const run = along[k + 1]! - along[k]!;
      const t = run > 0 ? (arc - along[k]!) / run : 0;
      return slots[end] + 2 * sense * (by[k]! + t * (by[k + 1]! - by[k]!));
    };
  };
  const [root, tip] = [of('root'), of('tip')];
  return (ends) => ({ root: root(ends.root), tip: tip(ends.tip) });
}
