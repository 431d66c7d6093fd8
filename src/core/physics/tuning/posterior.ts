import { GRADE_SD, type Evidence } from './evidence';
import { fastPhi } from './phiTable';

/** Mean and sd of θ = ln κ and of ψ; which pieces of evidence were set aside (their indexes). */
export interface Posterior {
  readonly logMean: number;
  readonly logSd: number;
  readonly slowMean: number;
  readonly slowSd: number;
  readonly setAside: readonly number[];
}

export const PRIOR_SD = 0.35;
export const SLOW_PRIOR_SD = 0.5;
const THETAS = 801;
const THETA_STEP = 5.6 / (THETAS - 1);
const PSIS = 201;
const PSI_STEP = 4 / (PSIS - 1);
const FLOOR = 1e-12;
const FAR = 4;
const BATCH = 20;

type Seen = Extract<Evidence, { kind: 'seen' }>;
type Graded = Extract<Evidence, { kind: 'grade' }>;

/** Of the grades, for each θ: ln of the sum over ψ, and the mean and mean square of ψ there. */
interface Grades {
  readonly ln: Float64Array;
  readonly m1: Float64Array;
  readonly m2: Float64Array;
}

const thetaAt = (i: number) => -2.8 + i * THETA_STEP;
const psiAt = (j: number) => -2 + j * PSI_STEP;

/**
 * Prior × likelihoods of θ (N(0, 0.35²)) and ψ (N(0, 0.5²)), mean and sd by sums over a grid: θ −2.8…2.8 in 801 steps
 * and, where there are grades, ψ −2…2 in 201. Exact and independent of order. With timed feeds only it is the
 * conjugate normal result. A timed feed or slot over 4·√(sd²+σ²) from the mean of all the others is set aside, the
 * farthest first, until none is; grades never are. Relation: Bayes; numbers are ours, no source.
 */
export function posterior(evidence: readonly Evidence[]): Posterior {
  const grades = sumGrades(evidence.filter((e): e is Graded => e.kind === 'grade'));
  const kept = new Set<number>();
  evidence.forEach((e, i) => e.kind === 'seen' && kept.add(i));
  const setAside: number[] = [];
  for (;;) {
    const seen = [...kept].map((i) => evidence[i] as Seen);
    let worst = -1;
    let worstFar = FAR;
    if (seen.length + (evidence.length - kept.size - setAside.length) > 1) {
      for (const i of kept) {
        const e = evidence[i] as Seen;
        const others = moments(
          grades,
          [...kept].filter((k) => k !== i).map((k) => evidence[k] as Seen),
        );
        const far = Math.abs(e.theta - others.mean) / Math.hypot(others.sd, e.sd);
        if (far > worstFar) {
          worst = i;
          worstFar = far;
        }
      }
    }
    if (worst < 0) {
      const m = moments(grades, seen);
      return {
        logMean: m.mean,
        logSd: m.sd,
        slowMean: m.slowMean,
        slowSd: m.slowSd,
        setAside: setAside.sort((a, b) => a - b),
      };
    }
    kept.delete(worst);
    setAside.push(worst);
  }
}

function moments(grades: Grades | null, seen: readonly Seen[]) {
  const ln = new Float64Array(THETAS);
  let top = -Infinity;
  // Timed evidence and the prior are one parabola in θ: its precision and centre do not depend on order.
  let precision = 1 / PRIOR_SD ** 2;
  let pull = 0;
  for (const e of seen) {
    precision += 1 / e.sd ** 2;
    pull += e.theta / e.sd ** 2;
  }
  const centre = pull / precision;
  if (!grades) return { mean: centre, sd: 1 / Math.sqrt(precision), slowMean: 0, slowSd: SLOW_PRIOR_SD };
  for (let i = 0; i < THETAS; i++) {
    const t = thetaAt(i) - centre;
    ln[i] = grades.ln[i]! - 0.5 * precision * t * t;
    if (ln[i]! > top) top = ln[i]!;
  }
  let sum = 0;
  let s1 = 0;
  let s2 = 0;
  let p1 = 0;
  let p2 = 0;
  for (let i = 0; i < THETAS; i++) {
    const w = Math.exp(ln[i]! - top);
    const t = thetaAt(i);
    sum += w;
    s1 += w * t;
    s2 += w * t * t;
    p1 += w * grades.m1[i]!;
    p2 += w * grades.m2[i]!;
  }
  const mean = s1 / sum;
  const slowMean = p1 / sum;
  return {
    mean,
    sd: Math.sqrt(Math.max(0, s2 / sum - mean * mean)),
    slowMean,
    slowSd: Math.sqrt(Math.max(0, p2 / sum - slowMean * slowMean)),
  };
}

function sumGrades(list: readonly Graded[]): Grades | null {
  if (list.length === 0) return null;
  // A fixed order makes the sums the same to the last bit whatever order the cuts came in.
  const graded = [...list].sort((a, b) => a.grade.localeCompare(b.grade) || a.c - b.c || a.h - b.h);
  const out: Grades = {
    ln: new Float64Array(THETAS),
    m1: new Float64Array(THETAS),
    m2: new Float64Array(THETAS),
  };
  const ln = new Float64Array(PSIS);
  for (let i = 0; i < THETAS; i++) {
    const theta = thetaAt(i);
    let top = -Infinity;
    for (let j = 0; j < PSIS; j++) {
      const psi = psiAt(j);
      ln[j] = lnLikelihood(graded, theta, psi) - 0.5 * (psi / SLOW_PRIOR_SD) ** 2;
      if (ln[j]! > top) top = ln[j]!;
    }
    let sum = 0;
    let s1 = 0;
    let s2 = 0;
    for (let j = 0; j < PSIS; j++) {
      const w = Math.exp(ln[j]! - top);
      sum += w;
      s1 += w * psiAt(j);
      s2 += w * psiAt(j) ** 2;
    }
    out.ln[i] = top + Math.log(sum);
    out.m1[i] = s1 / sum;
    out.m2[i] = s2 / sum;
  }
  return out;
}

function lnLikelihood(graded: readonly Graded[], theta: number, psi: number): number {
  let ln = 0;
  let product = 1;
  for (let k = 0; k < graded.length; k++) {
    const g = graded[k]!;
    const cold = fastPhi((theta - g.c) / GRADE_SD);
    const hot = fastPhi((g.h + psi - theta) / GRADE_SD);
    const p = g.grade === 'too-cold' ? cold : g.grade === 'too-hot' ? hot : 1 - cold - hot;
    product *= p > FLOOR ? p : FLOOR;
    if (k % BATCH === BATCH - 1) {
      ln += Math.log(product);
      product = 1;
    }
  }
  return ln + Math.log(product);
}
