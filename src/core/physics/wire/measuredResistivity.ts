import type { Curve } from '../../numeric/table';
import { interpolateLinear } from '../../numeric/table';

/**
 * Resistivity at 20 °C, Ω·m, of a wire whose resistance was measured cold: R·A/(L·Ct(airC)).
 * R is the meter's reading less that of its probes, Ω; A in m²; L in m; airC the air's temperature.
 * It replaces the catalogue's; within ±5 % is ordinary scatter, more means another alloy or gauge.
 */
export function measuredResistivity(
  ohm: number,
  area: number,
  length: number,
  ct: Curve,
  airC: number,
): number {
  return (ohm * area) / (length * interpolateLinear(ct, airC));
}
