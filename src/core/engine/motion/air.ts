import type { Box } from '../../numeric/box';
import type { Pt } from '../../numeric/polyline';
import { clearOf, type Ends } from './ends';

/** Rapid ways round the block's box from one position in the air to another: straight where that is clear, else up, over and down. */
export function airWay(from: Ends, to: Ends, box: Box, margin: number): Ends[] {
  const half = margin / 2;
  const near = { x0: box.x0 - half, y0: box.y0 - half, x1: box.x1 + half, y1: box.y1 + half };
  if (clearOf(near, from, to)) return [to];
  const top = Math.max(box.y1 + margin, from.left[1], from.right[1], to.left[1], to.right[1]);
  const at = (e: Ends): Ends => ({ left: [e.left[0], top], right: [e.right[0], top] });
  const still = (a: Pt, b: Pt) => Math.hypot(a[0] - b[0], a[1] - b[1]) <= 1e-9;
  const over = [at(from), at(to)].filter((e) => !still(e.left, to.left) || !still(e.right, to.right));
  return [...over, to];
}
