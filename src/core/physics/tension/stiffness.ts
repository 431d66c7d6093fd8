/** Stiffness of a straight wire along itself, N/m: E·A/L. Pa, m², m. Source: Hooke's law. */
export function wireStiffness(youngs: number, area: number, length: number): number {
  return (youngs * area) / length;
}

/** Stiffness of members in series, N/m: 1/Σ(1/k). A stiff one is Infinity and counts for nothing. Any of 0 gives 0. */
export function inSeries(...rates: readonly number[]): number {
  return 1 / rates.reduce((sum, k) => sum + 1 / k, 0);
}
