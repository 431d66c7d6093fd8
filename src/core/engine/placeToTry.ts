import type { Rig } from '../documents/rig';
import { handLed } from '../documents/rigDefaults';
import { stopOf } from './drafts';
import { evaluate } from './evaluate';
import { tidy } from './findings/draft';
import { HAND_MAX_FEED } from './legalFix';
import { setUp } from './setup';
import { OperatingPointSolver } from './states';
import type { Tuning } from './tune';
import { tuned } from './tuned';
import { windowOf } from './window';
import { samePair, type Bad } from './badCut';

/** After a bad grade the next cut is to differ by at least this factor in feed over the window's edge. Ours. */
const STEP = 1.12;
/** Share of the fastest feed that is left where the margin is given up. Ours. */
const LOOSE_RESERVE = 0.9;

/** A setting with the feeds that may be advised at it, m/s. */
interface Place {
  readonly setting: number | null;
  readonly lo: number;
  readonly hi: number;
  readonly led: number;
}

/** The feeds that may be advised at a setting; none where the window or what was seen leaves none. */
export function placeOf(
  rig: Rig,
  t: Tuning,
  setting: number | null,
  newest: Bad | null,
  loose: boolean,
): Place[] {
  const there = tuned({ ...rig, control: { ...rig.control, setting } }, t);
  const s = setUp(there);
  const w = windowOf(new OperatingPointSolver(s));
  if (!w.fastest || w.slowest === null) return [];
  const factor = there.foam.tuning;
  let lo = w.slowest * Math.exp(t.slowMean);
  // Where no setting leaves a window that wide, the margin is given up before the answer is.
  let hi = (loose ? LOOSE_RESERVE : s.reserve) * w.fastest.feed;
  if (newest?.grade === 'too-hot' && newest.overSlow !== null)
    lo = Math.max(lo, STEP * newest.overSlow * w.slowest * factor);
  if (newest?.grade === 'too-cold' && newest.overFast !== null)
    hi = Math.min(hi, (newest.overFast * w.fastest.feed * factor) / STEP);
  if (handLed(rig)) hi = Math.min(hi, HAND_MAX_FEED / 1000);
  return lo <= hi
    ? [{ setting, lo, hi, led: Math.min(hi, Math.max(lo, Math.sqrt(lo * hi), s.reserve * w.fastest.feed)) }]
    : [];
}

/** The place and feed that lie nearest what is wanted, on which nothing stops the rig. */
export function chosen(
  rig: Rig,
  t: Tuning,
  places: readonly Place[],
  wanted: number | null,
  now: number | null,
  bad: readonly Bad[],
) {
  const ranked = places
    .flatMap((p) => {
      const feedMmS = inside(Math.min(p.hi, Math.max(p.lo, wanted ?? p.led)), p);
      if (feedMmS === null || bad.some((b) => samePair(b, p.setting, feedMmS / 1000))) return [];
      const off = wanted === null ? 0 : Math.log(feedMmS / 1000 / wanted);
      const spare = Math.log(feedMmS / 1000 / p.led);
      const turn = now === null || p.setting === null ? 0 : Math.log(p.setting / now);
      return [
        {
          setting: p.setting,
          feedMmS,
          cost: 4 * off * off + spare * spare + (wanted === null ? 4 : 0.05) * turn * turn,
        },
      ];
    })
    .sort((a, b) => a.cost - b.cost);
  return ranked.find(({ setting, feedMmS }) => {
    const there = { ...rig, control: { ...rig.control, setting }, cut: { ...rig.cut, feedMmS } };
    return stopOf(evaluate(tuned(there, t))) === null;
  });
}

/** A feed in mm/s with two figures that still lies within a place; three where two do not; null where none does. */
function inside(feed: number, p: Place): number | null {
  for (const digits of [2, 3])
    for (const way of ['near', 'up', 'down'] as const) {
      const mmS = tidy(feed * 1000, digits, way);
      if (mmS >= p.lo * 1000 && mmS <= p.hi * 1000) return mmS;
    }
  return null;
}

/** Whether a setting and feed, m/s, lie in a place to try and are none that was bad. */
export function fits(
  places: readonly Place[],
  setting: number | null,
  feed: number,
  bad: readonly Bad[],
): boolean {
  const at = places.find((p) => p.setting === setting);
  return !!at && feed >= at.lo && feed <= at.hi && !bad.some((b) => samePair(b, setting, feed));
}
