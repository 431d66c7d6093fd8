/** A reading of the pull: when (ms), N, cold or hot. */
export interface PullReading {
  readonly at: number;
  readonly newtons: number;
  readonly when: 'cold' | 'hot';
}

/** What readings since the wire was last set say of its creep. */
export interface Creep {
  /** Readings that count: of one state, since it was set. */
  readonly used: number;
  readonly firstN: number;
  readonly lastN: number;
  readonly lostN: number;
  /** Permanent stretch that lost it, m. */
  readonly stretch: number;
  readonly days: number;
  /** Least pull that is enough, N. */
  readonly leastN: number;
  /** Days from the last reading until the pull reaches the least that is enough; null where it never does. */
  readonly setAgainDays: number | null;
  /** The pull then already is under the least. */
  readonly now: boolean;
}

const DAY = 86_400_000;
/** A reading this much over the one before it means that the wire was set again. */
const SET_AGAIN = 1.06;
/** Share of the pull as it was set that is still enough. Ours. */
const ENOUGH = 0.9;
/** Fewer days between first and last say nothing. */
const LEAST_DAYS = 0.04;
/** Past this nobody can tell, days. */
const FAR = 90;

/**
 * Creep from readings: pull = a − b·ln(1 + t/1 day), least squares from the last time it was set; creep slows as it goes
 * (logarithmic creep, any materials text). `rate` is that of take-up, frame and wire in series, N/m: δ = ΔT/rate. `lowN` is
 * the least pull that the rig allows; nine tenths of what was set is enough as well. Null with fewer than two readings of the last one's state.
 */
export function creepOf(readings: readonly PullReading[], rate: number, lowN: number): Creep | null {
  const last = readings.reduce<PullReading | null>((a, r) => (!a || r.at >= a.at ? r : a), null);
  if (!last) return null;
  const same = readings.filter((r) => r.when === last.when).sort((a, b) => a.at - b.at);
  let from = 0;
  for (let i = 1; i < same.length; i++) if (same[i]!.newtons > SET_AGAIN * same[i - 1]!.newtons) from = i;
  const run = same.slice(from);
  if (run.length < 2) return null;
  const t0 = run[0]!.at;
  const days = (last.at - t0) / DAY;
  if (!(days > LEAST_DAYS)) return null;
  const leastN = Math.max(lowN, ENOUGH * run[0]!.newtons);
  const xs = run.map((r) => Math.log(1 + (r.at - t0) / DAY));
  const meanX = xs.reduce((a, x) => a + x, 0) / xs.length;
  const meanY = run.reduce((a, r) => a + r.newtons, 0) / run.length;
  const sxx = xs.reduce((a, x) => a + (x - meanX) ** 2, 0);
  const sxy = xs.reduce((a, x, i) => a + (x - meanX) * (run[i]!.newtons - meanY), 0);
  const b = sxx > 0 ? -sxy / sxx : 0;
  const a = meanY + b * meanX;
  const now = last.newtons <= leastN;
  const reach = b > 0 ? Math.exp((a - leastN) / b) - 1 - days : Infinity;
  const lostN = run[0]!.newtons - last.newtons;
  return {
    used: run.length,
    firstN: run[0]!.newtons,
    lastN: last.newtons,
    lostN,
    stretch: lostN > 0 && rate > 0 ? lostN / rate : 0,
    days,
    leastN,
    setAgainDays: now ? 0 : reach > 0 && reach < FAR ? reach : reach <= 0 ? 0 : null,
    now,
  };
}
