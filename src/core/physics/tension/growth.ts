/**
 * How much longer a wire gets, m: α·ΔT·L. Mean linear expansion 1/K, rise K (at least 0 for a warm wire), length m.
 * Lumped: the unheated ends make the true growth 1–3 % less. Source: definition of the mean coefficient.
 */
export function growth(expansion: number, rise: number, length: number): number {
  return expansion * rise * length;
}
