/** Where a called pass stands on the clock that runs for ever (the sound's): running from a place at a rate, or held. */
export interface CallClock {
  /** Second of the pass at `since`. */
  readonly at: number;
  /** Second of the running clock; null while held. */
  readonly since: number | null;
  /** Seconds of the pass a second: under 1 slower. */
  readonly rate: number;
}

/** Slowest and fastest that a call is led, and one step of it. Ours. */
export const RATES = [0.5, 1.6] as const;
export const RATE_STEP = 1.08;

export const START: CallClock = Object.freeze({ at: 0, since: null, rate: 1 });

/** Second of the pass at a second of the running clock. */
export function placeAt(c: CallClock, now: number): number {
  return c.since === null ? c.at : c.at + Math.max(0, now - c.since) * c.rate;
}

/** Second of the running clock at which the pass is at a second of its own; null while held. */
export function whenAt(c: CallClock, at: number): number | null {
  return c.since === null ? null : c.since + (at - c.at) / c.rate;
}

export function run(c: CallClock, now: number): CallClock {
  return c.since === null ? { ...c, since: now } : c;
}

/** Holds where it is: what was not yet reached is reached after going on, so no station is lost. */
export function hold(c: CallClock, now: number): CallClock {
  return { ...c, at: placeAt(c, now), since: null };
}

/** Another rate from now on. */
export function paced(c: CallClock, now: number, rate: number): CallClock {
  const at = placeAt(c, now);
  const held = c.since === null;
  return { at, since: held ? null : now, rate: Math.min(RATES[1], Math.max(RATES[0], rate)) };
}
