/** How a search for a root ended. Only a converged one may be shown without a warning. */
export interface Root {
  readonly x: number;
  readonly converged: boolean;
  readonly steps: number;
}

const MOST_STEPS = 200;

/**
 * Root of an increasing function in [lo, hi] from a first guess: the secant rule kept inside a bracket that
 * shrinks with every sign seen, halving where the secant leaves it or is slow (Press et al., Numerical Recipes,
 * section 9.2, with safeguards).
 *
 * f must satisfy f(lo) ≤ 0 ≤ f(hi); where it does not, the nearer end is returned. `tol` is the width in x at
 * which the search stops. Never throws; NaN from f ends it as not converged.
 */
export function rootIncreasing(
  f: (x: number) => number,
  lo: number,
  hi: number,
  guess: number,
  tol: number,
): Root {
  let a = lo;
  let b = hi;
  if (!(b > a)) return { x: a, converged: b === a, steps: 0 };
  let x0 = guess > a && guess < b ? guess : 0.5 * (a + b);
  let f0 = f(x0);
  if (f0 === 0) return { x: x0, converged: true, steps: 1 };
  if (f0 > 0) b = x0;
  else a = x0;
  const nudge = Math.max(tol * 8, Math.abs(x0) * 1e-4);
  let x1 = f0 > 0 ? Math.max(a, x0 - nudge) : Math.min(b, x0 + nudge);
  let before = b - a;
  for (let step = 2; step <= MOST_STEPS; step++) {
    const f1 = f(x1);
    if (!(f1 === f1)) return { x: x1, converged: false, steps: step };
    if (f1 === 0) return { x: x1, converged: true, steps: step };
    if (f1 > 0) b = Math.min(b, x1);
    else a = Math.max(a, x1);
    const width = b - a;
    let next = x1 - (f1 * (x1 - x0)) / (f1 - f0);
    const slow = step % 4 === 0 && width > 0.5 * before;
    if (step % 4 === 0) before = width;
    if (slow || !(next > a && next < b)) next = 0.5 * (a + b);
    x0 = x1;
    f0 = f1;
    if (Math.abs(next - x1) <= tol || width <= tol) return { x: next, converged: true, steps: step };
    x1 = next;
  }
  return { x: x1, converged: false, steps: MOST_STEPS };
}
