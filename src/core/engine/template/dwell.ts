import { kerfInTime } from '../../physics/foam/standing';
import type { AtFeed } from './heat';
import type { FeedSchedule } from './feedSchedule';

/** Kerf of one end (or of the middle) along a pass, mm, from leg to leg. */
export interface KerfAlong {
  /** Kerf at a share of a leg. */
  readonly at: (leg: number, share: number) => number;
}

/** How wide a kerf has grown that was `from` mm wide, after so many seconds at a feed (mm/s) over its own short path (`kerfInTime`). */
export const kerfAfter = (h: AtFeed, from: number, feed: number, seconds: number): number =>
  kerfInTime(from, Math.max(h.diameter, h.slot(Math.max(feed, 1e-3))), h.standing(1) ** 2, feed, seconds);

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
