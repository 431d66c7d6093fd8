/** Shear modulus of spring wire, Pa: carbon steel, stainless. Shigley, Mechanical Engineering Design, table 10-5. */
export const SHEAR = { carbon: 79e9, stainless: 69e9 } as const;

/**
 * Rate of a coil spring from its drawing, N/m: k = G·d⁴/(8·D³·n). Wire d and mean coil D in m, n active turns, G in Pa.
 * Range: D over about 3 d, n ≥ 1. Source: Shigley, equation 10-9.
 */
export function springRate(wire: number, coil: number, turns: number, shear: number): number {
  return (shear * wire ** 4) / (8 * coil ** 3 * turns);
}

/**
 * Load in N that a coil spring bears for good: π·d³·τ/(8·D·K_w), τ = 0.45·S_ut, K_w = (4C−1)/(4C−4) + 0.615/C with C = D/d
 * (Wahl). Wire and mean coil in m, S_ut of its wire in Pa. Range: C over 1.5. Source: Shigley, chapter 10.
 */
export function springSafeLoad(wire: number, coil: number, tensile: number): number {
  const c = coil / wire;
  const wahl = (4 * c - 1) / (4 * c - 4) + 0.615 / c;
  return (Math.PI * wire ** 3 * 0.45 * tensile) / (8 * coil * wahl);
}

/**
 * Extension in m of a close-wound spring under a load, N: nothing up to its initial tension, (F − F0)/k past it.
 * Source: Shigley §10-13.
 */
export function springExtension(load: number, initial: number, rate: number): number {
  return Math.max(0, load - initial) / rate;
}
