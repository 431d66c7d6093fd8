/** Shear modulus of rubber bands, Pa: 0.4–0.7 MPa; the middle. Treloar, The Physics of Rubber Elasticity. */
export const RUBBER_SHEAR = 0.55e6;

/**
 * Pull of a stretched rubber band, N: G·A0·(λ − 1/λ²). A0 its area at rest in m², λ its length over that at rest (≥ 1), G in
 * Pa. Range: λ up to about 3; past it rubber stiffens. Source: Treloar, neo-Hookean rubber.
 */
export function rubberPull(area: number, stretch: number, shear = RUBBER_SHEAR): number {
  return shear * area * (stretch - 1 / (stretch * stretch));
}

/** Rate of it about that stretch, N/m, rest length m: G·A0·(1 + 2/λ³)/rest. Derivative of the above. */
export function rubberRate(area: number, rest: number, stretch: number, shear = RUBBER_SHEAR): number {
  return (shear * area * (1 + 2 / stretch ** 3)) / rest;
}
