import type { ControlKind } from '../documents/control';
import { controlSettingText, type ToMark } from './control';
import type { Say } from './say';

export type AdviceReason =
  'first' | 'hotter' | 'cooler' | 'hold' | 'feed' | 'slower' | 'too-cold' | 'no-figures';

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
  hotter: 'At that feed the wire ran short of heat: a little more, and it has the reserve it should.',
  cooler: 'At that feed there was heat to spare: the coolest setting that still runs leaves the best surface.',
  hold: 'The setting suits that feed. Change one thing at a time.',
  feed: 'The setting is good; this feed keeps the reserve in hand.',
  slower: 'The supply has no more to give for that feed: go slower.',
  'too-cold': 'The wire does not reach the heat at which this foam flows.',
  'no-figures': 'Nothing reliable is known of how this foam melts: no setting can be advised.',
};
