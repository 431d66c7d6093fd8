import { expIntegral } from '../../numeric/expIntegral';
import type { Melt } from './melt';

/**
 * Full width in m of the hole that a wire melts standing still for t seconds with heat q W/m: E1(w²/(16·a·t)) = 2/Q, the continuous
 * line source. An upper estimate: the heat falls once the wire stands free. Source: Carslaw & Jaeger §10.4. 0 without heat or time.
 */
export function standingWidth(m: Melt, q: number, seconds: number): number {
  if (!(q > 0) || !(seconds > 0)) return 0;
  const want = (2 * m.unitHeat) / q;
  let lo = -60;
  let hi = 6;
  for (let i = 0; i < 80; i++) {
    const mid = 0.5 * (lo + hi);
    if (expIntegral(Math.exp(mid)) > want) lo = mid;
    else hi = mid;
  }
  return Math.sqrt(16 * m.diffusivity * seconds * Math.exp(0.5 * (lo + hi)));
}
