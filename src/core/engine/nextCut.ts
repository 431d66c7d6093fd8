import type { LoggedCut } from '../documents/log';
import type { AdviceFigures, AdviceReason } from '../documents/advice';
import type { FindingFigures } from '../documents/reading';
import type { Rig } from '../documents/rig';
import { handLed } from '../documents/rigDefaults';
import { fullSetting, hotterLower, snapped } from './dial';
import { figuresOf, stopOf } from './drafts';
import { evaluate } from './evaluate';
import { tidy } from './findings/draft';
import { HAND_MAX_FEED } from './fixes';
import { lengthForFastest, settingForFastest } from './need';
import { setUp } from './setup';
import { OperatingPointSolver } from './states';
import { feedOfCut, rigOfCut, type Tuning } from './tune';
import { tuned } from './tuned';
import { windowOf } from './window';

export type NextCut = NonNullable<AdviceFigures['next']>;
/** What to try next; or, where the rig may not be powered, null and the finding that stops it. */
export type NextStep =
  | { readonly next: NextCut; readonly finding: null }
  | { readonly next: null; readonly finding: Omit<FindingFigures, 'fixes'> };

/** Settings and feeds closer than this share are the same. */
const SAME = 0.02;
/** After a bad grade the next cut is to differ by at least this factor in feed over the window's edge. Ours. */
const STEP = 1.12;
/** Feeds for which a setting is looked for, m/s: what hands and motors lead. */
const FEEDS = Array.from({ length: 28 }, (_, i) => 0.0004 * 50 ** (i / 27));

/** A cut graded bad, with its feed over both edges of the bare model's window on its own setting. */
interface Bad {
  readonly setting: number | null;
  readonly feed: number;
  readonly grade: 'too-cold' | 'too-hot';
  readonly overFast: number | null;
  readonly overSlow: number | null;
}
/** A setting with the feeds that may be advised at it, m/s. */
interface Place {
  readonly setting: number | null;
  readonly lo: number;
  readonly hi: number;
  readonly led: number;
}

/**
 * The next setting and feed. After a good cut: that cut's own. Otherwise the feed wanted is the rig's own or that of a last bad
 * cut, and the setting one at which it lies in the tuned window, between the slow edge and reserve × the fast one. After too hot
 * never hotter at that feed nor slower at that heat, after too cold the mirror, never a pair that was graded bad. Nothing is
 * advised for a rig that a finding stops.
 */
export function nextStep(rig: Rig, t: Tuning, cuts: readonly LoggedCut[]): NextStep {
  const stop = stopOf(evaluate(tuned(rig, t)));
  if (stop) return { next: null, finding: figuresOf(stop) };
  const next = nextCut(rig, t, cuts);
  const there = {
    ...rig,
    control: { ...rig.control, setting: next.setting },
    cut: { ...rig.cut, feedMmS: next.feedMmS },
  };
  const stopThere = next.why === 'hold' ? stopOf(evaluate(tuned(there, t))) : null;
  return stopThere ? { next: null, finding: figuresOf(stopThere) } : { next, finding: null };
}

function nextCut(rig: Rig, t: Tuning, cuts: readonly LoggedCut[]): NextCut {
  const now = rig.control.kind === 'none' ? null : rig.control.setting;
  const say = (why: AdviceReason, setting: number | null, feedMmS: number | null): NextCut => ({
    setting,
    feedMmS,
    why,
  });
  const s = setUp(tuned(rig, t));
  if (!s.melt) return say('no-figures', now, null);
  const last = cuts[cuts.length - 1];
  const graded = last && !last.limit ? last.grade : null;
  if (last && graded === 'good' && feedOfCut(last) !== null)
    return say('hold', settingOf(rig, last), feedOfCut(last));
  const bad = cuts.flatMap((cut) => badOf(rig, cut));
  const newest = graded === 'too-cold' || graded === 'too-hot' ? (bad[bad.length - 1] ?? null) : null;
  const good =
    newest && [...cuts].reverse().find((c) => c.grade === 'good' && !c.limit && feedOfCut(c) !== null);
  const wanted = s.feed ?? newest?.feed ?? null;
  for (const loose of [false, true]) {
    const places = settingsFor(rig, t, wanted, now, last ?? null).flatMap((x) =>
      placeOf(rig, t, x, newest, loose),
    );
    const best = chosen(rig, t, places, wanted, now, bad);
    if (!best) continue;
    const before = newest ? newest.setting : now;
    // What worked before is gone back to where it lies as well with what was seen since.
    if (good && fits(places, settingOf(rig, good), feedOfCut(good)! / 1000, bad))
      return say('back', settingOf(rig, good), feedOfCut(good));
    return say(reasonOf(rig, t, newest, before, best, wanted), best.setting, best.feedMmS);
  }
  return say(newest ? 'no-window' : 'too-cold', now, null);
}

const settingOf = (rig: Rig, cut: LoggedCut) =>
  rig.control.kind === 'none' ? null : (cut.setting ?? rig.control.setting);

function badOf(rig: Rig, cut: LoggedCut): Bad[] {
  const feed = feedOfCut(cut);
  if (cut.limit || feed === null || (cut.grade !== 'too-cold' && cut.grade !== 'too-hot')) return [];
  const w = windowOf(new OperatingPointSolver(setUp(rigOfCut({ rig, cut }))));
  const over = (edge: number | null | undefined) => (edge ? feed / 1000 / edge : null);
  return [
    {
      setting: settingOf(rig, cut),
      feed: feed / 1000,
      grade: cut.grade,
      overFast: over(w.fastest?.feed),
      overSlow: over(w.slowest),
    },
  ];
}

/** Settings worth looking at: those whose max feed suits a range of feeds, the present one, and steps about the last cut's. */
function settingsFor(
  rig: Rig,
  t: Tuning,
  wanted: number | null,
  now: number | null,
  last: LoggedCut | null,
): (number | null)[] {
  if (rig.control.kind === 'none') return [null];
  const s = setUp(tuned(rig, t));
  const found = [...(wanted === null ? [] : [wanted]), ...FEEDS].map((feed) => {
    if (rig.control.kind !== 'clip') return settingForFastest(s, feed / s.reserve);
    const metres = lengthForFastest(s, feed / s.reserve);
    return metres !== null && metres * 1000 <= rig.wire.lengthMm && metres > s.width ? metres * 1000 : null;
  });
  const from = last ? settingOf(rig, last) : now;
  const about = from === null ? [] : [0.8, 0.9, 0.95, 1, 1.05, 1.1, 1.25].map((k) => k * from);
  const full = fullSetting(s);
  const within = (x: number) => (full === null ? true : hotterLower(rig.control.kind) ? x >= full : x <= full);
  const all = [...found, ...about, now].flatMap((x) =>
    x === null || !(x > 0) || !within(x) ? [] : [snapped(s, tidy(x, 3, 'near'))],
  );
  return [...new Set(all)].filter(within);
}

/** The feeds that may be advised at a setting; none where the window or what was seen leaves none. */
function placeOf(rig: Rig, t: Tuning, setting: number | null, newest: Bad | null, loose: boolean): Place[] {
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
const LOOSE_RESERVE = 0.9;

/** The place and feed that lie nearest what is wanted, on which nothing stops the rig. */
function chosen(
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

function samePair(b: Bad, setting: number | null, feed: number): boolean {
  const same = (x: number | null, y: number | null) =>
    x === y || (x !== null && y !== null && Math.abs(x / y - 1) < SAME / 2);
  return same(b.setting, setting) && same(b.feed, feed);
}

function fits(places: readonly Place[], setting: number | null, feed: number, bad: readonly Bad[]): boolean {
  const at = places.find((p) => p.setting === setting);
  return !!at && feed >= at.lo && feed <= at.hi && !bad.some((b) => samePair(b, setting, feed));
}

function reasonOf(
  rig: Rig,
  t: Tuning,
  newest: Bad | null,
  before: number | null,
  best: { setting: number | null; feedMmS: number },
  wanted: number | null,
): AdviceReason {
  const turned = before !== null && best.setting !== null && Math.abs(best.setting / before - 1) > SAME / 4;
  const hotter = turned && best.setting! > before !== hotterLower(rig.control.kind);
  const faster = best.feedMmS / 1000 > (newest?.feed ?? 0);
  if (newest?.grade === 'too-hot') return turned && !hotter ? 'cooler' : 'faster';
  if (newest?.grade === 'too-cold') return turned && hotter ? 'hotter' : faster ? 'feed' : 'slower';
  if (t.used === 0) return turned && wanted !== null ? (hotter ? 'more-heat' : 'less-heat') : 'first';
  if (turned) return hotter ? 'more-heat' : 'less-heat';
  return wanted !== null && Math.abs(best.feedMmS / 1000 / wanted - 1) <= SAME ? 'keep' : 'feed';
}
