import type { Evidence } from './evidence';
import { EYE_PRIOR_SD, SLOW_PRIOR_SD, sumGrades, type Graded, type GradeSums } from './grades';

/** Mean and sd of θ = ln κ and of ψ; which pieces of evidence were set aside (their indexes). */
export interface Posterior {
  readonly logMean: number;
  readonly logSd: number;
  readonly slowMean: number;
  readonly slowSd: number;
  readonly setAside: readonly number[];
}

export const PRIOR_SD = 0.35;
/** Sums over θ: this many points, over no more than this many sd of the timed evidence, within ±2.8. */
const THETAS = 801;
const REACH = 2.8;
const SDS = 9;
const FAR = 4;

type Seen = Extract<Evidence, { kind: 'seen' }>;

/**
 * Prior × likelihoods of θ (N(0, 0.35²)), ψ (N(0, 0.5²)) and χ (N(0, 0.2²), `eyeSd`), mean and sd by sums over a grid. Exact and
 * independent of order. With timed feeds only it is the conjugate normal result. A timed feed or kerf over 4·√(sd²+σ²) from the mean of all the others is set aside, the
 * farthest first, until none is; grades never are. Relation: Bayes; numbers are ours, no source.
 */
export function posterior(evidence: readonly Evidence[], eyeSd = EYE_PRIOR_SD): Posterior {
  const grades = sumGrades(
    evidence.filter((e): e is Graded => e.kind === 'grade'),
    eyeSd,
  );
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

function moments(grades: GradeSums | null, seen: readonly Seen[]) {
  // Timed evidence and the prior are one parabola in θ: its precision and centre do not depend on order.
  let precision = 1 / PRIOR_SD ** 2;
  let pull = 0;
  for (const e of seen) {
    precision += 1 / e.sd ** 2;
    pull += e.theta / e.sd ** 2;
  }
  const centre = pull / precision;
  const sd = 1 / Math.sqrt(precision);
  if (!grades) return { mean: centre, sd, slowMean: 0, slowSd: SLOW_PRIOR_SD };
  const lo = Math.max(-REACH, centre - SDS * sd);
  const step = (Math.min(REACH, centre + SDS * sd) - lo) / (THETAS - 1);
  const ln = new Float64Array(THETAS);
  let top = -Infinity;
  for (let i = 0; i < THETAS; i++) {
    const theta = lo + i * step;
    ln[i] = grades.ln(theta) - 0.5 * precision * (theta - centre) ** 2;
    if (ln[i]! > top) top = ln[i]!;
  }
  let sum = 0;
  let s1 = 0;
  let s2 = 0;
  let p1 = 0;
  let p2 = 0;
  for (let i = 0; i < THETAS; i++) {
    const w = Math.exp(ln[i]! - top);
    const t = lo + i * step;
    sum += w;
    s1 += w * t;
    s2 += w * t * t;
    p1 += w * grades.slowMean(t);
    p2 += w * grades.slowSquare(t);
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
