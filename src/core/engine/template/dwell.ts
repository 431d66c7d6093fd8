import type { AtFeed } from './heat';
import type { FeedSchedule } from './feedSchedule';

/** Kerf of one end (or of the middle) along a pass, mm, from leg to leg. */
export interface KerfAlong {
  /** Kerf at a share of a leg. */
  readonly at: (leg: number, share: number) => number;
}

/**
 * How wide a kerf has grown that was `from` mm wide, after so many seconds at a feed (mm/s) over its own short path. It grows no
 * faster than a wire standing still melts (continuous line source: the square of the width grows evenly with time, Carslaw &
 * Jaeger §10.4), and no wider than the feed makes it for good; behind a wire that goes faster again it narrows within its own width.
 */
export function kerfAfter(h: AtFeed, from: number, feed: number, seconds: number): number {
  const steady = Math.max(h.diameter, h.slot(Math.max(feed, 1e-3)));
  if (steady >= from) return Math.min(steady, Math.sqrt(from * from + h.standing(1) ** 2 * seconds));
  return from - (from - steady) * Math.min(1, (feed * seconds) / from);
}

/** The kerf along a paced pass of an end whose path on each leg is `way` mm; `start` is the kerf it comes in with. */
export function kerfAlong(
  paced: FeedSchedule,
  h: AtFeed,
  start: number,
  way: (leg: number) => number,
): KerfAlong {
  const before: number[] = [start];
  paced.legs.forEach((leg, i) => {
    const feed = way(i) / (leg.seconds || 1);
    before.push(kerfAfter(h, before[i]!, feed, leg.seconds));
  });
  return {
    at: (i, share) => {
      const leg = paced.legs[i]!;
      return kerfAfter(h, before[i]!, way(i) / (leg.seconds || 1), share * leg.seconds);
    },
  };
}
