import type { Curve } from '../../numeric/table';
import { interpolateLinear } from '../../numeric/table';

/**
 * Resistance of wire in Ω/m at `tempC`: ρ20·Ct(T)/A.
 * Ct is linear between its table's points and flat beyond them. A in m², ρ20 in Ω·m.
 */
export function resistancePerMetre(rho20: number, ct: Curve, area: number, tempC: number): number {
  return (rho20 * interpolateLinear(ct, tempC)) / area;
}
