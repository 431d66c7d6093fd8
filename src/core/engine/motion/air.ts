import { shareInBox } from '../../numeric/box';
import type { Pt } from '../../numeric/polyline';

/** Rapid ways round the block from one place in the air to another: straight where that is clear, else up, over and down. */
export function airWay(
  from: Pt,
  to: Pt,
  [wide, , high]: readonly [number, number, number],
  margin: number,
): Pt[] {
  const half = margin / 2;
  const near = { x0: -half, y0: -half, x1: wide + half, y1: high + half };
  const free = (a: Pt, b: Pt) => shareInBox(a, b, near) === null;
  if (free(from, to)) return [to];
  const top = Math.max(high + margin, from[1], to[1]);
  const over: Pt[] = [
    [from[0], top],
    [to[0], top],
  ];
  return [...over.filter((p) => Math.hypot(p[0] - to[0], p[1] - to[1]) > 1e-9), to];
}
