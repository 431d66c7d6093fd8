import { rootIncreasing } from '../../numeric/root';
import { expIntegral } from '../../numeric/expIntegral';
import type { Melt } from './melt';

/**
 * Full width in m of the hole that a wire melts standing still for t seconds with heat q W/m: E1(w²/(16·a·t)) = 2/Q, the continuous
 * line source. An upper estimate: the heat falls once the wire stands free. Source: Carslaw & Jaeger §10.4. 0 without heat or time.
 */
export function standingWidth(m: Melt, q: number, seconds: number): number {
  if (!(q > 0) || !(seconds > 0)) return 0;
  const want = (2 * m.unitHeat) / q;
  // In ln(w²/(16·a·t)), since the slot may be a thousandth or a hundred times the depth that heat reaches.
  const ln = rootIncreasing((x) => want - expIntegral(Math.exp(x)), -60, 6, 0, 1e-13).x;
  return Math.sqrt(16 * m.diffusivity * seconds * Math.exp(ln));
}

/** Square of the kerf that a standing wire adds each second, m²/s, at heat q W/m: the square grows evenly with time (`standingWidth`). */
export const standingGrowth = (m: Melt, q: number): number => standingWidth(m, q, 1) ** 2;

/** Behind a wire that goes faster again the kerf comes within 5 % of its new width in about its own width. Ours. */
const NARROWS = 3;

/**
 * Kerf after some seconds at a feed: from the kerf it has, the kerf that this feed and heat settle to, and the square that standing adds
 * a second; one unit of length for all. It grows no faster than a standing wire melts and no wider than it settles to; it narrows over its
 * own width of path. Ours, between two published limits: Rosenthal's moving and Carslaw & Jaeger's continuous line source.
 */
export function kerfInTime(
  kerf: number,
  settled: number,
  growth: number,
  feed: number,
  seconds: number,
): number {
  if (settled >= kerf) return Math.min(settled, Math.sqrt(kerf * kerf + growth * seconds));
  return settled + (kerf - settled) * Math.exp((-NARROWS * feed * seconds) / kerf);
}
