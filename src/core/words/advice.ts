import type { AdviceReason } from '../documents/adviceReasons';
import type { ControlKind } from '../documents/control';
import { controlSettingText, type ToMark } from './control';
import type { Say } from './say';

/** The next cut in words. */
export function adviceWords(
  why: AdviceReason,
  kind: ControlKind,
  setting: number | null,
  feedMmS: number | null,
  say: Say,
  toMark?: ToMark | null,
): string {
  const dial =
    kind === 'none' ? 'Leave the power as it is' : `Set ${controlSettingText(kind, setting, say, toMark)}`;
  const feed = feedMmS === null ? '' : ` and cut at ${say(feedMmS, 'feed')}`;
  return `${dial}${feed}. ${REASON[why]}`;
}

/* prettier-ignore */
const REASON: Record<AdviceReason, string> = {
  first: 'Nothing is logged yet: one timed cut narrows every number here by more than half.',
  hotter: 'The last cut ran short of heat: a little more gives it the margin it should have.',
  cooler: 'The last cut had heat to spare: the coolest setting that still runs leaves the best surface.',
  'more-heat': 'At the present setting that feed has too little margin.',
  'less-heat': 'At the present setting there is heat to spare at that feed.',
  hold: 'This is the cut that was good: keep its setting and its feed.',
  back: 'This is a cut that was good before: go back to its setting and its feed.',
  keep: 'The setting suits that feed. Change one thing at a time.',
  feed: 'The setting stays; this feed keeps the margin.',
  faster: 'The last cut was too hot and the heat stays: go faster.',
  slower: 'The last cut ran short of heat and there is no more to give: go slower.',
  'too-cold': 'The wire does not reach the heat at which this foam flows.',
  'no-window': 'What was seen leaves no setting and feed to try on this wire: hang another gauge or length, or look at the foam’s label and the draught.',
  'no-figures': 'Nothing reliable is known of how this foam melts: no setting can be advised.',
};
