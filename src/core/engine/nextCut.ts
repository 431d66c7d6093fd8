import type { LoggedCut } from '../documents/log';
import type { AdviceFigures } from '../documents/advice';
import type { AdviceReason } from '../documents/adviceReasons';
import type { FindingFigures } from '../documents/reading';
import type { Rig } from '../documents/rig';
import { fullSetting, hotterLower, snapped } from './dial';
import { figuresOf, stopOf } from './drafts';
import { evaluate } from './evaluate';
import { tidy } from './findings/draft';
import { lengthForFastest, settingForFastest } from './need';
import { setUp } from './setup';
import { feedOfCut, type Tuning } from './tune';
import { tuned } from './tuned';
import { SAME, settingOf, badOf, type Bad } from './badCut';
import { placeOf, chosen, fits } from './placeToTry';

export type NextCut = NonNullable<AdviceFigures['next']>;
/** What to try next; or, where the rig may not be powered, null and the finding that stops it. */
export type NextStep =
  | { readonly next: NextCut; readonly finding: null }
  | { readonly next: null; readonly finding: Omit<FindingFigures, 'fixes'> };
/** Feeds for which a setting is looked for, m/s: what hands and motors lead. */
const FEEDS = Array.from({ length: 28 }, (_, i) => 0.0004 * 50 ** (i / 27));

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
