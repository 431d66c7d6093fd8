import type { Pt } from './polyline';

/** A rectangle along the axes, in the unit of its points. */
export interface Box {
  readonly x0: number;
  readonly y0: number;
  readonly x1: number;
  readonly y1: number;
}

/** Shares of a straight way between which it is inside a box or on its edge; null where it never is. Liang and Barsky, ACM TOG 3, 1984. */
export function shareInBox([ax, ay]: Pt, [bx, by]: Pt, box: Box): readonly [number, number] | null {
  let [from, to] = [0, 1];
  const [dx, dy] = [bx - ax, by - ay];
  for (const [p, q] of [
    [-dx, ax - box.x0],
    [dx, box.x1 - ax],
    [-dy, ay - box.y0],
    [dy, box.y1 - ay],
  ] as const) {
    if (Math.abs(p) < 1e-15) {
      if (!(q >= 0)) return null;
    } else if (p < 0) from = Math.max(from, q / p);
    else to = Math.min(to, q / p);
  }
  return from <= to ? [from, to] : null;
}
