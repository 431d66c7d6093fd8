import { evenSpline, splineAt } from '../../numeric/spline';
import { GRADE_SD, type Evidence } from './evidence';
import { fastPhi } from './phiTable';

export type Graded = Extract<Evidence, { kind: 'grade' }>;

/** Prior sd of ψ, the slow edge's own, and of χ, the too-cold edge's own: what this maker's eye calls so. */
export const SLOW_PRIOR_SD = 0.5;
export const EYE_PRIOR_SD = 0.2;

const FLOOR = 1e-12;
/** So many factors of at least FLOOR are no less than the least number. */
const MOST_FACTORS = 24;
/** Step of the sums: a quarter of the narrowest kernel's sd, so that the trapezoid rule is exact to far beyond what is shown. */
const STEP = 0.05;
const REACH = 2.8;
const SLOW_REACH = 2;
const THETAS = Math.round((2 * REACH) / STEP) + 1;
const SLOWS = Math.round((2 * SLOW_REACH) / STEP) + 1;
const EDGES = THETAS + SLOWS - 1;

const thetaAt = (i: number) => -REACH + i * STEP;
/** b = θ − ψ, where the slow edge lies for this eye. */
const slowEdgeAt = (j: number) => -(REACH + SLOW_REACH) + j * STEP;

/** What all grades say of θ: ln of their likelihood, ψ and χ summed out, and the mean and mean square of ψ there. */
export interface GradeSums {
  readonly ln: (theta: number) => number;
  readonly slowMean: (theta: number) => number;
  readonly slowSquare: (theta: number) => number;
}

/**
 * The likelihood of grades by one eye as a function of θ: ∫∫ L(a, b)·N(a; θ, χ's sd)·N(b; θ, ψ's sd) da db with a = θ + χ the
 * too-cold edge and b = θ − ψ the slow one, L = Π of Φ((a−c)/σ) (too cold), Φ((h−b)/σ) (too hot), one less both (good).
 * Many grades by one maker share χ and ψ and so cannot tell θ more closely than those allow. Null without grades.
 */
export function sumGrades(list: readonly Graded[], eyeSd: number): GradeSums | null {
  if (list.length === 0) return null;
  // A fixed order makes the sums the same to the last bit whatever order the cuts came in.
  const graded = [...list].sort((x, y) => x.grade.localeCompare(y.grade) || x.c - y.c || x.h - y.h);
  const slow = kernel(SLOW_PRIOR_SD, (SLOWS - 1) / 2);
  const eye = kernel(eyeSd, eyeSd > 0 ? Math.ceil((4.5 * eyeSd) / STEP) : 0);
  const half = (eye.length - 1) / 2;
  // Sums over ψ, for each θ: of the likelihood, times ψ, times its square.
  const [s0, s1, s2] = [new Float64Array(THETAS), new Float64Array(THETAS), new Float64Array(THETAS)];
  const top = overRows(graded, half, (row, b) => {
    const last = Math.min(THETAS - 1, b);
    for (let i = Math.max(0, b - SLOWS + 1); i <= last; i++) {
      // ψ = θ − b falls as b rises.
      const j = b - i;
      const psi = SLOW_REACH - j * STEP;
      const p = slow[j]! * around(row, i, eye, half);
      s0[i]! += p;
      s1[i]! += p * psi;
      s2[i]! += p * psi * psi;
    }
  });
  const ln = s0.map((sum) => top + Math.log(sum > 0 ? sum : Number.MIN_VALUE));
  const m1 = s1.map((sum, i) => (s0[i]! > 0 ? sum / s0[i]! : 0));
  const m2 = s2.map((sum, i) => (s0[i]! > 0 ? sum / s0[i]! : SLOW_PRIOR_SD ** 2));
  const [lnSpline, m1Spline, m2Spline] = [ln, m1, m2].map((y) => evenSpline(-REACH, STEP, y)) as [
    Spline,
    Spline,
    Spline,
  ];
  return {
    ln: (t) => splineAt(lnSpline, t),
    slowMean: (t) => splineAt(m1Spline, t),
    slowSquare: (t) => splineAt(m2Spline, t),
  };
}
type Spline = ReturnType<typeof evenSpline>;

/** What a row comes to about one of its places, weighed by a kernel that is the same to either side; what lies beyond an end is nothing. */
function around(row: Float64Array, i: number, weights: Float64Array, half: number): number {
  let sum = 0;
  if (i < half || i + half >= THETAS) {
    const to = Math.min(THETAS - 1, i + half);
    for (let a = Math.max(0, i - half); a <= to; a++) sum += weights[a - i + half]! * row[a]!;
    return sum;
  }
  // Two sums side by side: neither addition waits for the other.
  let other = weights[half]! * row[i]!;
  let k = half;
  for (; k > 1; k -= 2) {
    sum += weights[half - k]! * (row[i - k]! + row[i + k]!);
    other += weights[half - k + 1]! * (row[i - k + 1]! + row[i + k - 1]!);
  }
  if (k === 1) sum += weights[half - 1]! * (row[i - 1]! + row[i + 1]!);
  return sum + other;
}

/** Weights of a normal law on the steps, their sum one. */
function kernel(sd: number, half: number): Float64Array {
  if (half === 0) return Float64Array.of(1);
  const w = Float64Array.from({ length: 2 * half + 1 }, (_, k) =>
    Math.exp(-0.5 * (((k - half) * STEP) / sd) ** 2),
  );
  const sum = w.reduce((x, y) => x + y, 0);
  return w.map((x) => x / sum);
}

/** That this cut is called too cold with the edge at a step of a; too hot, with it at a step of b. */
const coldAt = (g: Graded, i: number) => fastPhi((thetaAt(i) - g.c) / GRADE_SD);
const hotAt = (g: Graded, j: number) => fastPhi((g.h - slowEdgeAt(j)) / GRADE_SD);

/**
 * Hands over L for one b after another, as a row over a that is its taker's until the next; divided by e^top, which is returned. Only where
 * some θ has that b within ψ's reach and that a within `half` steps: nothing else is summed anywhere.
 */
function overRows(
  graded: readonly Graded[],
  half: number,
  take: (row: Float64Array, b: number) => void,
): number {
  const lnCold = new Float64Array(THETAS);
  const lnHot = new Float64Array(EDGES);
  const goods = graded.filter((g) => g.grade === 'good');
  // Of all good cuts side by side, since the innermost loop goes over them.
  const good = goods.length;
  const cold = new Float64Array(THETAS * good);
  const notHot = new Float64Array(EDGES * good);
  goods.forEach((g, k) => {
    for (let i = 0; i < THETAS; i++) cold[i * good + k] = coldAt(g, i);
    for (let j = 0; j < EDGES; j++) notHot[j * good + k] = 1 - hotAt(g, j);
  });
  for (const g of graded)
    if (g.grade === 'too-cold')
      for (let i = 0; i < THETAS; i++) lnCold[i]! += Math.log(Math.max(FLOOR, coldAt(g, i)));
    else if (g.grade === 'too-hot')
      for (let j = 0; j < EDGES; j++) lnHot[j]! += Math.log(Math.max(FLOOR, hotAt(g, j)));
  const first = (j: number) => Math.max(0, j - SLOWS + 1 - half);
  const last = (j: number) => Math.min(THETAS - 1, j + half);
  // Few factors stay within what a number holds, and are multiplied as they are; of many, their logarithms are summed.
  if (graded.length <= MOST_FACTORS) {
    const [byCold, byHot, row] = [lnCold.map(Math.exp), lnHot.map(Math.exp), new Float64Array(THETAS)];
    for (let j = 0; j < EDGES; j++) {
      for (let i = first(j), to = last(j); i <= to; i++) {
        let product = byCold[i]! * byHot[j]!;
        for (let k = 0; k < good; k++) product *= Math.max(FLOOR, notHot[j * good + k]! - cold[i * good + k]!);
        row[i] = product;
      }
      take(row, j);
    }
    return 0;
  }
  const like = new Float64Array(EDGES * THETAS);
  let top = -Infinity;
  for (let j = 0; j < EDGES; j++)
    for (let i = first(j), to = last(j); i <= to; i++) {
      let sum = lnCold[i]! + lnHot[j]!;
      let product = 1;
      for (let k = 0; k < good; k++) {
        product *= Math.max(FLOOR, notHot[j * good + k]! - cold[i * good + k]!);
        if (product < 1e-200) {
          sum += Math.log(product);
          product = 1;
        }
      }
      sum += Math.log(product);
      like[j * THETAS + i] = sum;
      if (sum > top) top = sum;
    }
  for (let j = 0; j < EDGES; j++) {
    const row = like.subarray(j * THETAS, (j + 1) * THETAS);
    for (let i = first(j), to = last(j); i <= to; i++) row[i] = Math.exp(row[i]! - top);
    take(row, j);
  }
  return top;
}
