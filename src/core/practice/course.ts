import { apart, arcs, between, lengthOf, nearest, pointAt, type Pt } from '../numeric/polyline';

/** The side of the foam that an end of the wire passes, mm: from its least to its greatest x and y. */
export interface Face {
  readonly x0: number;
  readonly x1: number;
  readonly y0: number;
  readonly y1: number;
}

/** What is wanted of the wire at a mark: go on, or stand until the middle has caught up. */
export interface Mark {
  readonly kind: 'station' | 'corner';
  /** Number of the station, or of the corner. */
  readonly n: number;
  /** Arc of each end's track, mm. */
  readonly near: number;
  readonly far: number;
  /** Seconds to stand there; 0 at a station. */
  readonly waitS: number;
}

/** A drill's course as plain data: the line each end of the wire is led along, the foam it passes, marks in between. mm. */
export interface Course {
  readonly near: readonly Pt[];
  readonly far: readonly Pt[];
  readonly faces: { readonly near: Face; readonly far: Face };
  /** From the first to the last place at which both ends should be at the same moment. */
  readonly marks: readonly Mark[];
  /** One hand leads both ends. */
  readonly together: boolean;
  /** Feed to lead the longer end at, mm/s: what the templates' kerf is allowed for. */
  readonly feed: number;
}

/** A line to ride on, with the arc of each of its points. */
export interface Track {
  readonly points: readonly Pt[];
  readonly along: Float64Array;
  readonly length: number;
  /** Arcs between which it lies in the foam. */
  readonly enters: number;
  readonly leaves: number;
}

/** Steps in which a line is looked along for where it meets the foam, mm. */
const LOOK = 0.25;

export const inside = (f: Face, x: number, y: number): boolean => x > f.x0 && x < f.x1 && y > f.y0 && y < f.y1;

export function trackOf(points: readonly Pt[], face: Face): Track {
  const along = arcs(points);
  const length = lengthOf(points);
  const within = (arc: number) => {
    const [x, y] = pointAt(points, along, arc);
    return inside(face, x, y);
  };
  let enters = length;
  let leaves = 0;
  for (let a = 0; a <= length; a += LOOK) {
    if (!within(a)) continue;
    enters = Math.min(enters, a);
    leaves = a;
  }
  return { points, along, length, enters, leaves };
}

/** Point of a track at an arc, mm. */
export const placeAt = (t: Track, arc: number): Pt => pointAt(t.points, t.along, arc);

/** Arc of a track nearest to a point, no further than `reach` mm along it from where the end is now. */
export function arcNear(t: Track, p: Pt, from: number, reach: number): number {
  const lo = Math.max(0, from - reach);
  const hi = Math.min(t.length, from + reach);
  const inner = t.points.filter((_, i) => t.along[i]! > lo && t.along[i]! < hi);
  const part = [placeAt(t, lo), ...inner, placeAt(t, hi)];
  return lo + nearest(part, p).arc;
}

type Knot = Pick<Mark, 'near' | 'far'>;
const KNOTS = new WeakMap<Course, readonly Knot[]>();

/** Where both ends are at the same moment, from the begin to the end of their tracks; found once for a course. */
function knotsOf(course: Course): readonly Knot[] {
  const known = KNOTS.get(course);
  if (known) return known;
  const end = { near: lengthOf(course.near), far: lengthOf(course.far) };
  const knots = [{ near: 0, far: 0 }, ...course.marks, end];
  KNOTS.set(course, knots);
  return knots;
}

/** Arc of one end's track that belongs to an arc of the other's: evenly between marks. */
export function matching(course: Course, arc: number, of: 'near' | 'far' = 'far'): number {
  const from = of === 'far' ? 'near' : 'far';
  const knots = knotsOf(course);
  for (let i = 1; i < knots.length; i++) {
    const a = knots[i - 1]!;
    const b = knots[i]!;
    if (arc > b[from] && i < knots.length - 1) continue;
    const run = b[from] - a[from];
    return a[of] + (run > 0 ? Math.max(0, (arc - a[from]) / run) : 0) * (b[of] - a[of]);
  }
  return 0;
}

/** Feed of an end in mm/s where the longer one goes at `feed`: the shorter by its share of the way between marks. */
export function feedOf(course: Course, end: 'near' | 'far', arc: number, feed = course.feed): number {
  const from = Math.max(0, arc - 1);
  const other = end === 'near' ? 'far' : 'near';
  const otherOver = (matching(course, arc + 1, other) - matching(course, from, other)) / (arc + 1 - from);
  return feed / Math.max(1, otherOver);
}

/** The line that the middle of the wire should follow: both ends' at the same share, one point each `step` mm. */
export function middleLine(course: Course, near: Track, far: Track, step: number): Pt[] {
  const n = Math.max(2, Math.ceil(near.length / step));
  const out: Pt[] = [];
  for (let i = 0; i <= n; i++) {
    const arc = (i / n) * near.length;
    const a = placeAt(near, arc);
    const b = placeAt(far, matching(course, arc));
    const p = between(a, b, 0.5);
    if (out.length === 0 || apart(out.at(-1)!, p) > 1e-9) out.push(p);
  }
  return out;
}
