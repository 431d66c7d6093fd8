import type { Alloy } from '../../catalog/alloys';
import { interpolateLinear } from '../../numeric/table';

/**
 * Tensile strength in Pa of an alloy's wire of strand diameter δ metres at `tempC`.
 * Linear in the alloy's table, flat beyond; hard-drawn wire is scaled by S20 = A/δ^m over the table's 20 °C entry.
 * Source: size law Shigley, Mechanical Engineering Design, table 10-4; hot values from memory.
 */
export function tensileStrength(alloy: Alloy, strandDiameter: number, tempC: number): number {
  const hot = interpolateLinear(alloy.strength, tempC) * 1e6;
  if (!alloy.sizeLaw) return hot;
  const s20 = alloy.sizeLaw.a / (strandDiameter * 1000) ** alloy.sizeLaw.m;
  return (hot * s20) / interpolateLinear(alloy.strength, 20);
}
