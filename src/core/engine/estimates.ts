import { posterior } from '../physics/tuning/posterior';
import { SHARED_SD } from './reading';
import { evidenceOf, type RigCut } from './tune';
import type { Evidence } from '../physics/tuning/evidence';

/** How the tuning stood after a cut: low, middle and high of its factor (one shown sd each way), and what it had been before. */
export interface Estimate {
  /** Place of the cut in the list that was given. */
  readonly cut: number;
  readonly at: string;
  readonly factor: readonly [number, number, number];
  readonly sd: number;
  /** By how much this cut moved the middle, and shrank the sd, as shares. */
  readonly moved: number;
  readonly shrank: number;
  /** Set aside, of all the cuts up to it; it counted for nothing. */
  readonly aside: boolean;
  readonly counts: boolean;
}

/** Most cuts for which the way is worked out; of more, the last ones. */
export const ESTIMATES = 60;

/**
 * How each cut moved the estimate: the tuning of the first, of the first two, and so on, in order of time. Yields after each, so
 * that a worker can say how far it is and stop. Of more than sixty cuts the last sixty are told one by one.
 */
export function* estimates(cuts: readonly RigCut[]): Generator<number, Estimate[]> {
  const order = cuts.map((_, i) => i).sort((a, b) => Date.parse(cuts[a]!.cut.at) - Date.parse(cuts[b]!.cut.at));
  const evidence: Evidence[] = [];
  const owner: number[] = [];
  const out: Estimate[] = [];
  const first = Math.max(0, order.length - ESTIMATES);
  let before = posterior([]);
  for (const [k, i] of order.entries()) {
    const own = evidenceOf(cuts[i]!);
    for (const e of own) {
      evidence.push(e);
      owner.push(i);
    }
    if (k < first - 1) continue;
    const p = posterior(evidence);
    const sd = Math.hypot(p.logSd, SHARED_SD);
    if (k >= first)
      out.push({
        cut: i,
        at: cuts[i]!.cut.at,
        factor: [Math.exp(p.logMean - sd), Math.exp(p.logMean), Math.exp(p.logMean + sd)],
        sd,
        moved: Math.expm1(p.logMean - before.logMean),
        shrank: 1 - sd / Math.hypot(before.logSd, SHARED_SD),
        aside: p.setAside.some((a) => owner[a] === i),
        counts: own.length > 0,
      });
    before = p;
    yield (k + 1) / order.length;
  }
  return out;
}
