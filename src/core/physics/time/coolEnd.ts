/**
 * Length in m over which the unheated end of a wire reaches: λ = √(k·A/(dQ/dT)), k W/(m·K), A m², dQ/dT W/(m·K).
 * 95 % of the rise is reached after 3λ. Source: fin equation, Incropera & DeWitt §3.6.
 */
export function coolEndLength(conductivity: number, area: number, lossSlope: number): number {
  return Math.sqrt((conductivity * area) / lossSlope);
}

/** Temperature at x m from a clamp: T_air − (T_air − T_end)·e^(−x/λ), the fin's closed form for a long wire, °C. */
export function coolEndTemperature(airC: number, endC: number, x: number, lambda: number): number {
  return airC - (airC - endC) * Math.exp(-x / lambda);
}
