/**
 * Solves a tridiagonal system in place: `low[i]·x[i−1] + mid[i]·x[i] + up[i]·x[i+1] = rhs[i]` (low[0] and up[n−1] unused).
 * The answer is left in `rhs`; `up` is overwritten. Shapes: four arrays of the same length n ≥ 1. No pivoting: for
 * diagonally dominant systems, which heat conduction gives. Source: Thomas algorithm (Press et al., section 2.4).
 */
export function tridiagonal(low: Float64Array, mid: Float64Array, up: Float64Array, rhs: Float64Array): void {
  const n = rhs.length;
  let pivot = mid[0]!;
  rhs[0] = rhs[0]! / pivot;
  for (let i = 1; i < n; i++) {
    up[i - 1] = up[i - 1]! / pivot;
    pivot = mid[i]! - low[i]! * up[i - 1]!;
    rhs[i] = (rhs[i]! - low[i]! * rhs[i - 1]!) / pivot;
  }
  for (let i = n - 2; i >= 0; i--) rhs[i] = rhs[i]! - up[i]! * rhs[i + 1]!;
}
