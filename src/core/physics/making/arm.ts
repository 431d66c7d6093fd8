/**
 * Stiffness in N/m at the end of an L-shaped arm, along the wire: EI/(a²h + a³/3), reach a over a post h, both in m. Second moment I
 * in m⁴, modulus E in Pa. Source: Castigliano's theorem, bending alone, post and arm of one section.
 */
export const armRate = (youngs: number, inertia: number, reach: number, post: number): number =>
  (youngs * inertia) / (reach * reach * post + reach ** 3 / 3);

/** Second moment of a tube, m⁴: π(D⁴ − δ⁴)/64, outer and inner diameter in m. */
export const tubeInertia = (outer: number, inner: number): number => (Math.PI * (outer ** 4 - inner ** 4)) / 64;
