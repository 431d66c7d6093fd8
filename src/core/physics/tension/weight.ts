/**
 * Pull of a hung weight past its guide, N: W·e^(−μθ) while the wire lengthens (the guide holds the weight back),
 * W·e^(+μθ) while it shortens. Weight N, friction μ ≥ 0, wrap θ in rad. Source: capstan equation (Euler, Eytelwein).
 */
export function pastGuide(
  weight: number,
  friction: number,
  wrap: number,
  wire: 'lengthens' | 'shortens',
): number {
  return weight * Math.exp((wire === 'lengthens' ? -1 : 1) * friction * wrap);
}
