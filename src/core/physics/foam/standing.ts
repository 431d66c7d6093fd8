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
