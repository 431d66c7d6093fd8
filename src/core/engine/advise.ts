import type { AdviceFigures } from '../documents/advice';
import type { Log, LoggedCut } from '../documents/log';
import type { Rig } from '../documents/rig';
import { nextStep } from './nextCut';
import { setUp } from './setup';
import { OperatingPointSolver } from './states';
import { MOST_TUNING, tuningOf, type Tuning } from './tune';
import { windowOf } from './window';

/** Displayed sd at which the tuning is good enough to stop. */
const ENOUGH_SD = 0.1;

/** Advice for a rig from its tuning and its cuts, the newest last. */
export function advise(rig: Rig, t: Tuning, cuts: readonly LoggedCut[]): AdviceFigures {
  const { next, finding } = nextStep(rig, t, cuts);
  // The window is that of the setting advised: a feed is told beside the window it lies in.
  const control = next ? { ...rig.control, setting: next.setting } : rig.control;
  const plain = setUp({ ...rig, control, foam: { ...rig.foam, tuning: 1 } });
  const w = windowOf(new OperatingPointSolver(plain));
  const spread = (mid: number, sd: number): [number, number, number] => [
    mid * Math.exp(-sd),
    mid,
    mid * Math.exp(sd),
  ];
  const slowSd = Math.hypot(t.shownSd, t.slowSd);
  return {
    format: 'upwind-rod/advice',
    version: 1,
    tuning: {
      logMean: t.logMean,
      logSd: t.logSd,
      factor: spread(Math.exp(t.logMean), t.shownSd),
      used: t.used,
      setAside: [...t.setAside],
      slowMean: t.slowMean,
      slowSd: t.slowSd,
    },
    window: {
      fastestFeedMmS: w.fastest ? spread(w.fastest.feed * 1000 * Math.exp(-t.logMean), t.shownSd) : null,
      slowestFeedMmS:
        w.slowest === null ? null : spread(w.slowest * 1000 * Math.exp(t.slowMean - t.logMean), slowSd),
    },
    next,
    ...(finding && { finding }),
    enough: t.used > 0 && t.shownSd <= ENOUGH_SD,
  };
}
/** A log document in, advice out: tuned by its newest five hundred cuts, as a rig on the page is. */
export function tune(log: Log): AdviceFigures {
  const at = log.cuts.map((cut) => Date.parse(cut.at));
  const byAge = log.cuts.map((_, i) => i).sort((a, b) => at[a]! - at[b]! || a - b);
  const newest = byAge.slice(-MOST_TUNING);
  const t = tuningOf(newest.map((i) => ({ rig: log.rig, cut: log.cuts[i]! })));
  const setAside = t.setAside.map((k) => newest[k]!).sort((a, b) => a - b);
  return advise(
    log.rig,
    { ...t, setAside },
    byAge.map((i) => log.cuts[i]!),
  );
}
