import { planeOf, scaleOf, type Plane } from '../../numeric/homography';
import type { Pt } from '../../numeric/polyline';

/** How a picture's scale is known: four corners of a square, or two points so far apart. Points in px of the picture, y down. */
export interface PictureScale {
  readonly by: 'square' | 'length';
  /** Side of the square, or length between the two, mm. */
  readonly mm: number;
  readonly corners: readonly Pt[];
  readonly ends: readonly [Pt, Pt];
}

/** From the picture to the plane that lies in it, mm, y up; null where the marks do not decide it. */
export function planeOfScale(s: PictureScale): Plane | null {
  if (s.by === 'length') return scaleOf(s.ends, s.mm);
  return planeOf(s.corners, [
    [0, s.mm],
    [s.mm, s.mm],
    [s.mm, 0],
    [0, 0],
  ]);
}

/** A size out of a picture, mm, and its range either way. */
export interface Sized {
  readonly mm: number;
  readonly range: number;
}

/** A mark is set this near to what it stands for, px. Ours. */
const MARK_PX = 1;

/**
 * A size by points of a picture, and its range: every mark, those of the scale too, may lie a pixel off either way, one apart from another; what
 * each does is added by squares. Null where the marks give no scale. Propagation of independent errors, JCGM 100:2008 section 5.1, by
 * differences.
 */
export function sizedBy(
  scale: PictureScale,
  points: readonly Pt[],
  size: (mm: readonly Pt[]) => number,
): Sized | null {
  const of = (s: PictureScale, list: readonly Pt[]): number | null => {
    const plane = planeOfScale(s);
    if (!plane) return null;
    const value = size(list.map(plane));
    return Number.isFinite(value) ? value : null;
  };
  const mm = of(scale, points);
  if (mm === null) return null;
  let squares = 0;
  const marks = scale.by === 'square' ? scale.corners : scale.ends;
  const moved = (list: readonly Pt[], i: number, axis: 0 | 1, by: number) =>
    list.map((p, k): Pt => (k !== i ? p : axis === 0 ? [p[0] + by, p[1]] : [p[0], p[1] + by]));
  const withMarks = (list: readonly Pt[]): PictureScale =>
    scale.by === 'square' ? { ...scale, corners: list } : { ...scale, ends: [list[0]!, list[1]!] };
  const add = (at: (by: number) => number | null) => {
    const [up, down] = [at(MARK_PX), at(-MARK_PX)];
    if (up !== null && down !== null) squares += ((up - down) / 2) ** 2;
  };
  for (const axis of [0, 1] as const) {
    points.forEach((_, i) => add((by) => of(scale, moved(points, i, axis, by))));
    marks.forEach((_, i) => add((by) => of(withMarks(moved(marks, i, axis, by)), points)));
  }
  return { mm, range: Math.sqrt(squares) };
}

/** Distance of two points. */
export const gapOf = ([a, b]: readonly Pt[]): number => Math.hypot(b![0] - a![0], b![1] - a![1]);

/** How far the second of three points lies off the straight line between the others, mm: the hollow of a face's middle. */
export function hollowOf([a, m, b]: readonly Pt[]): number {
  const run = Math.hypot(b![0] - a![0], b![1] - a![1]);
  return Math.abs((b![0] - a![0]) * (m![1] - a![1]) - (b![1] - a![1]) * (m![0] - a![0])) / run;
}

/** Mean way from one of several points to the next: of ridges across a face. */
export const spacingOf = (points: readonly Pt[]): number =>
  points.slice(1).reduce((sum, p, i) => sum + gapOf([points[i]!, p]), 0) / (points.length - 1);
