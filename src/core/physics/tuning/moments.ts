import type { Evidence } from './evidence';
import { SLOW_PRIOR_SD, type GradeSums } from './grades';

export const PRIOR_SD = 0.35;
/** Sums over θ: this many points, over no more than this many sd of the timed evidence, within ±2.8. */
const THETAS = 801;
const REACH = 2.8;
const SDS = 9;

/** A timed feed or a kerf. */
export type Seen = Extract<Evidence, { kind: 'seen' }>;

/** Timed evidence and the prior are one parabola in θ: its precision, and precision times centre. */
export interface Sums {
  readonly precision: number;
  readonly pull: number;
}

/** Sums of timed evidence and the prior. */
export function sumSeen(seen: readonly Seen[]): Sums {
  let precision = 1 / PRIOR_SD ** 2;
  let pull = 0;
  for (const e of seen) {
    precision += 1 / e.sd ** 2;
    pull += e.theta / e.sd ** 2;
  }
  return { precision, pull };
}

/** Mean and sd of θ and ψ from sums of timed evidence and what the grades say, over a grid of θ. Relation: Bayes; source as in posterior.ts. */
export function moments(grades: GradeSums | null, { precision, pull }: Sums) {
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
