import type { Evidence } from './evidence';
import { EYE_PRIOR_SD, sumGrades, type Graded, type GradeSums } from './grades';
import { moments, sumSeen, type Seen, type Sums } from './moments';

/** Mean and sd of θ = ln κ and of ψ; which pieces of evidence were set aside (their indexes). */
export interface Posterior {
  readonly logMean: number;
  readonly logSd: number;
  readonly slowMean: number;
  readonly slowSd: number;
  readonly setAside: readonly number[];
}

const FAR = 4;

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
    const sums = sumSeen([...kept].map((i) => evidence[i] as Seen));
    const m = moments(grades, sums);
    const worst =
      kept.size + (evidence.length - kept.size - setAside.length) > 1
        ? farthest(evidence, kept, grades, sums, m)
        : -1;
    if (worst < 0) {
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

/** How much farther a piece may lie from the others' mean than from the mean of all: twice what it is without grades. */
const LEVER = 2;

/**
 * The piece of timed evidence that lies farthest from all the others, over FAR; −1 where none does. Taking a piece of precision w out
 * of P moves the mean by about w/(P−w) of its distance, so that few have to be weighed against the others themselves: those that
 * could lie farther than the farthest found so far, the likeliest first.
 */
function farthest(
  evidence: readonly Evidence[],
  kept: ReadonlySet<number>,
  grades: GradeSums | null,
  sums: Sums,
  all: { readonly mean: number },
): number {
  const likely = [...kept]
    .map((i) => {
      const e = evidence[i] as Seen;
      const w = 1 / e.sd ** 2;
      const most = (Math.abs(e.theta - all.mean) * (1 + (LEVER * w) / (sums.precision - w))) / e.sd;
      return { i, e, w, most };
    })
    .filter((x) => x.most > FAR)
    .sort((a, b) => b.most - a.most || a.i - b.i);
  let worst = -1;
  let worstFar = FAR;
  for (const { i, e, w, most } of likely) {
    if (most <= worstFar) break;
    const others = moments(grades, { precision: sums.precision - w, pull: sums.pull - e.theta * w });
    const far = Math.abs(e.theta - others.mean) / Math.hypot(others.sd, e.sd);
    if (far > worstFar || (far === worstFar && i < worst)) {
      worst = i;
      worstFar = far;
    }
  }
  return worst;
}
