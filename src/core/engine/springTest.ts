import { GRAVITY } from '../physics/heat/loss';

/** What was read of a spring: its length free, and under one or two known weights. Metres, kg. */
export interface SpringTest {
  readonly free: number;
  readonly loads: readonly { readonly mass: number; readonly length: number }[];
}

/** A spring as measured: rate N/m, initial tension N. */
export interface SpringFound {
  readonly rate: number;
  readonly initial: number;
}

/**
 * Rate and initial tension of a spring from its lengths: with one weight the initial tension counts as nothing, with two both
 * follow from the straight line through them. Null where a length does not grow with its weight. Source: Hooke's law.
 */
export function springFound(t: SpringTest): SpringFound | null {
  const [a, b] = [...t.loads].sort((x, y) => x.mass - y.mass);
  if (!a || !(a.mass > 0)) return null;
  if (!b) {
    const stretch = a.length - t.free;
    return stretch > 0 ? { rate: (a.mass * GRAVITY) / stretch, initial: 0 } : null;
  }
  const stretch = b.length - a.length;
  if (!(stretch > 0) || !(b.mass > a.mass) || !(a.length >= t.free)) return null;
  const rate = ((b.mass - a.mass) * GRAVITY) / stretch;
  return { rate, initial: Math.max(0, a.mass * GRAVITY - rate * (a.length - t.free)) };
}

/** Length in m of a spring at a pull, and the pull in N at a length. */
export const springLengthAt = (s: SpringFound, free: number, pull: number) =>
  free + Math.max(0, pull - s.initial) / s.rate;
export const springPullAt = (s: SpringFound, free: number, length: number) =>
  length > free ? s.initial + s.rate * (length - free) : 0;
