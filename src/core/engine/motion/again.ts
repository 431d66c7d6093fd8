import { rootIncreasing } from '../../numeric/root';
import type { AtFeed } from '../template/heat';

/** Breadth of a kerf that is gone through once more at a feed, mm: the wire stands in it as long as its breadth takes to go by. PHYSICS, standing still. */
export function again(h: AtFeed, kerf: number, feed: number): number {
  if (!(h.standing(1) > 0)) return kerf;
  // Seconds of standing that melt the kerf as it is.
  const s = Math.exp(rootIncreasing((ln) => h.standing(Math.exp(ln)) - kerf, -8, 8, 0, 1e-9).x);
  return Math.max(kerf, h.standing(s + kerf / feed));
}
