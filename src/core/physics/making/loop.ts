/** A loop's foot under drag: how far its tip bends back, m, and the bending stress at its clamps, Pa. */
export interface LoopBend {
  readonly tip: number;
  readonly stress: number;
}

/**
 * Bend of a loop of two legs h and a foot b drawn through foam that drags q N/m: each leg carries half the foot at its end,
 * δ = q(b/2)h³/(3EI) + qh⁴/(8EI), stress [q(b/2)h + qh²/2]·(d/2)/I, I = πd⁴/64. Lengths m, E Pa of the hot wire.
 * Source: Roark, cantilever with an end load and with a spread one.
 */
export function loopBend(drag: number, legs: number, foot: number, wire: number, youngs: number): LoopBend {
  const inertia = (Math.PI * wire ** 4) / 64;
  const end = (drag * foot) / 2;
  return {
    tip: (end * legs ** 3) / (3 * youngs * inertia) + (drag * legs ** 4) / (8 * youngs * inertia),
    stress: ((end * legs + (drag * legs * legs) / 2) * wire) / 2 / inertia,
  };
}

/** Share of a wire's cold modulus that is left at 400 °C. From memory, stainless and nickel-chromium alike. */
export const HOT_MODULUS = 0.85;

/**
 * Passes side by side for a pocket W wide with a loop whose outer width is b: 1 where its kerf fills it, else
 * ⌈(W − b)/(b − 1 mm)⌉ + 1, so that neighbours overlap by a millimetre. `slot`: what one pass opens. mm; b over 1.
 */
export function pocketPasses(pocket: number, outer: number, slot: number): number {
  return pocket <= slot + 1e-9 ? 1 : Math.ceil((pocket - outer) / (outer - 1) - 1e-9) + 1;
}
