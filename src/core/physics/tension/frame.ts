/**
 * Rate of a springy U of two arms and a bar at the arms' tips, N/m: 1/k = 2a³/(3·EI_arm) + a²ℓ/(EI_bar). Lengths m, EI in
 * N·m². Source: Castigliano's theorem, bending alone.
 */
export function uFrameRate(arm: number, bar: number, armEI: number, barEI: number): number {
  return 1 / ((2 * arm ** 3) / (3 * armEI) + (arm * arm * bar) / barEI);
}

/**
 * Forces of a bow of two pivoted arms and a tie, N: the tie pulls T·b/a, the bar is pressed by T·(1 + b/a). Pull T in N, wire
 * arm b and tie arm a, both from the pivot, in m. Source: moments about the pivot.
 */
export function pivotedBow(pull: number, wireArm: number, tieArm: number): { tie: number; bar: number } {
  const tie = (pull * wireArm) / tieArm;
  return { tie, bar: pull + tie };
}

/** Load in N at which a bar with hinged ends buckles: π²·EI/ℓ². E Pa, I m⁴, length m. Source: Euler 1744. */
export function eulerLoad(youngs: number, inertia: number, length: number): number {
  return (Math.PI ** 2 * youngs * inertia) / length ** 2;
}

/** Second moment of a rectangle about its middle, m⁴: width·height³/12, height in the plane of bending. Geometry. */
export function rectangleInertia(width: number, height: number): number {
  return (width * height ** 3) / 12;
}
