/** How a search for a root ended. Only a converged one may be shown without a warning. */
export interface Root {
  readonly x: number;
  readonly converged: boolean;
  readonly steps: number;
  /** Slope of f at the end of the search, for the first step of a search like it; 0 where there is none. */
  readonly slope: number;
}

const MOST_STEPS = 200;

/**
 * Root of an increasing function in [lo, hi] from a first guess: the secant rule kept inside a bracket that
 * shrinks with every sign seen, halving where the secant leaves it or is slow (Press et al., Numerical Recipes,
 * section 9.2, with safeguards).
 *
 * `slope`: the slope of f near the guess, where it is known from a search like this one; 0 where it is not.
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
  slope = 0,
): Root {
  let a = lo;
  let b = hi;
  if (!(b > a)) return { x: a, converged: b === a, steps: 0, slope: 0 };
  let x0 = guess > a && guess < b ? guess : 0.5 * (a + b);
  let f0 = f(x0);
  if (f0 === 0) return { x: x0, converged: true, steps: 1, slope };
  if (f0 > 0) b = x0;
  else a = x0;
  const nudge = Math.max(tol * 8, Math.abs(x0) * 1e-4);
  const first = slope > 0 ? Math.max(nudge, Math.abs(f0) / slope) : nudge;
  let x1 = f0 > 0 ? Math.max(a, x0 - first) : Math.min(b, x0 + first);
  let before = b - a;
  for (let step = 2; step <= MOST_STEPS; step++) {
    const f1 = f(x1);
    if (!(f1 === f1)) return { x: x1, converged: false, steps: step, slope: 0 };
    const rise = (f1 - f0) / (x1 - x0);
    if (f1 === 0) return { x: x1, converged: true, steps: step, slope: rise };
    if (f1 > 0) b = Math.min(b, x1);
    else a = Math.max(a, x1);
    const width = b - a;
    let next = x1 - f1 / rise;
    const slow = step % 4 === 0 && width > 0.5 * before;
    if (step % 4 === 0) before = width;
    if (slow || !(next > a && next < b)) next = 0.5 * (a + b);
    x0 = x1;
    f0 = f1;
    if (Math.abs(next - x1) <= tol || width <= tol)
      return { x: next, converged: true, steps: step, slope: rise };
    x1 = next;
  }
  return { x: x1, converged: false, steps: MOST_STEPS, slope: 0 };
}

const GOLDEN = 0.5 * (3 - Math.sqrt(5));
const PEAK_STEPS = 24;

/**
 * Lowest root in (lo, hi] of a function that is negative at lo: stepped upwards by `step`, then bracketed. Between steps
 * where it rises and falls again its peak is searched (golden section), so that two roots close together are not passed
 * over. Null where it stays negative.
 */
export function lowestRoot(
  f: (x: number) => number,
  lo: number,
  hi: number,
  step: number,
  tol: number,
): number | null {
  let start = lo;
  let a = lo;
  let before = -Infinity;
  let fa = f(lo);
  while (a < hi) {
    const b = Math.min(hi, a + step);
    const fb = f(b);
    if (fb >= 0) return rootIncreasing(f, a, b, 0.5 * (a + b), tol).x;
    if (fb < fa && fa >= before) {
      const peak = peakOf(f, start, b);
      if (f(peak) >= 0) return rootIncreasing(f, start, peak, 0.5 * (start + peak), tol).x;
    }
    start = a;
    a = b;
    before = fa;
    fa = fb;
  }
  return null;
}

function peakOf(f: (x: number) => number, lo: number, hi: number): number {
  let a = lo;
  let b = hi;
  let x = a + GOLDEN * (b - a);
  let y = b - GOLDEN * (b - a);
  let fx = f(x);
  let fy = f(y);
  for (let i = 0; i < PEAK_STEPS; i++) {
    if (fx > fy) {
      b = y;
      y = x;
      fy = fx;
      x = a + GOLDEN * (b - a);
      fx = f(x);
    } else {
      a = x;
      x = y;
      fx = fy;
      y = b - GOLDEN * (b - a);
      fy = f(y);
    }
  }
  return 0.5 * (a + b);
}
