import type { LoggedCut } from '../documents/log';
import type { Rig } from '../documents/rig';
import { adviceWords, type AdviceReason } from '../words/advice';
import { METRIC_SAY } from '../words/say';
import { tidy } from './findings/draft';
import { settingForFastest } from './need';
import { setUp } from './setup';
import { drafts } from './solve';
import { evaluate } from './evaluate';
import { States } from './states';
import { feedOfCut, tuned, type Tuning } from './tune';
import { windowOf } from './window';

export interface NextCut {
  setting: number | null;
  feedMmS: number | null;
  why: AdviceReason;
  text: string;
}

/** A setting that differs by less than this share is left alone. */
const SAME = 0.02;

/**
 * The next setting and feed. The feed wanted is the rig's own, or that of a last cut graded too cold or too hot; the
 * dial then goes to where the tuned fastest feed is that over the reserve. Otherwise the dial stays, and the feed is
 * reserve × the tuned fastest, never under the middle of the window.
 */
export function nextCut(rig: Rig, t: Tuning, cuts: readonly LoggedCut[]): NextCut {
  const now = rig.control.setting;
  const s = setUp(tuned(rig, t));
  const w = windowOf(new States(s));
  const last = cuts[cuts.length - 1];
  const asked =
    s.feed ??
    (last && !last.limit && (last.grade === 'too-cold' || last.grade === 'too-hot') ? wanted(last) : null);
  const say = (why: AdviceReason, setting: number | null, feed: number | null): NextCut => {
    const feedMmS = feed === null ? null : tidy(feed * 1000, 2, 'near');
    return { setting, feedMmS, why, text: adviceWords(why, rig.control.kind, setting, feedMmS, METRIC_SAY) };
  };
  if (!s.melt) return say('no-figures', now, null);
  if (asked !== null && rig.control.kind !== 'none') {
    const found = settingForFastest(s, asked / s.reserve);
    const setting = found === null ? null : tidy(found, 3, 'near');
    if (setting !== null && now !== null && allowed(rig, t, setting)) {
      const hotter = rig.control.kind === 'phase' ? setting < now : setting > now;
      if (Math.abs(setting / now - 1) > SAME) return say(hotter ? 'hotter' : 'cooler', setting, asked);
      return say('hold', now, asked);
    }
  }
  if (!w.fastest || w.slowest === null) return say('too-cold', now, null);
  const slowest = w.slowest * Math.exp(t.slowMean);
  const feed = Math.max(s.reserve * w.fastest.feed, Math.sqrt(slowest * w.fastest.feed));
  if (t.used === 0) return say('first', now, feed);
  return say(asked !== null && asked > w.fastest.feed ? 'slower' : 'feed', now, Math.min(feed, w.fastest.feed));
}

function wanted(cut: LoggedCut): number | null {
  const feed = feedOfCut(cut);
  return feed === null ? null : feed / 1000;
}

/** A setting is advised only where it brings no stop finding. */
function allowed(rig: Rig, t: Tuning, setting: number): boolean {
  const next = tuned({ ...rig, control: { ...rig.control, setting } }, t);
  return drafts(evaluate(next)).every((d) => d.level !== 'stop');
}
