import type { Evidence } from '../physics/tuning/evidence';
import { posterior, type Posterior } from '../physics/tuning/posterior';
import { evidenceOf, type RigCut } from './cutFeed';
import { SHARED_SD } from './reading';

export { evidenceOf, feedOfCut, rigOfCut, steadyFeed, storedOf, type RigCut } from './cutFeed';

/** The tuning of many cuts, with the indexes of cuts (not of their evidence) set aside and how many counted. */
export interface Tuning extends Posterior {
  readonly used: number;
  /** Displayed sd: the posterior's own, and the model error that all cuts share. */
  readonly shownSd: number;
}

/** Most cuts that tune a rig, the newest: five hundred say all that a foam and wire have to say. */
export const MOST_TUNING = 500;

/** Tuning from cuts of one foam stock and wire, on whatever rigs. Recomputed whole; order does not matter. */
export function tuningOf(cuts: readonly RigCut[]): Tuning {
  const owner: number[] = [];
  const evidence: Evidence[] = [];
  cuts.forEach((c, i) => {
    for (const e of evidenceOf(c)) {
      evidence.push(e);
      owner.push(i);
    }
  });
  const p = posterior(evidence);
  const setAside = [...new Set(p.setAside.map((k) => owner[k]!))];
  const counted = new Set(owner.filter((_, k) => !p.setAside.includes(k)));
  return { ...p, setAside, used: counted.size, shownSd: Math.hypot(p.logSd, SHARED_SD) };
}
