import { standingWidth } from '../physics/foam/standing';
import type { Melt } from '../physics/foam/melt';

/** Behind a wire that goes faster again the kerf comes within 5 % of its new width in about its own width. Ours. */
const NARROWS = 3;

/** Square of the kerf that a standing wire adds each second, m²/s, at heat q W/m: the square grows evenly with time (`standingWidth`). */
export const standingGrowth = (m: Melt, q: number): number => standingWidth(m, q, 1) ** 2;

/**
 * Kerf in m after `dt` seconds at a feed (m/s), the kerf that this feed and heat settle to in m, and the square that standing adds a
 * second in m²/s: it grows no faster than a standing wire melts and no wider than it settles to; it narrows over its own width of path.
 * Ours, between two published limits: Rosenthal's moving and Carslaw & Jaeger's continuous line source.
 */
export function kerfAfter(kerf: number, settled: number, growth: number, feed: number, dt: number): number {
  if (settled >= kerf) return Math.min(settled, Math.sqrt(kerf * kerf + growth * dt));
  return settled + (kerf - settled) * Math.exp((-NARROWS * feed * dt) / kerf);
}
