import type { FindingCode, Values } from '../documents/reading';
import { findingWords } from './findings';
import type { Say } from './say';

const num = (v: Values, key: string) => v[key] as number | null;

/** Why a pairing is refused, in one or two sentences with its own numbers. */
export function refusalText(code: FindingCode, v: Values, say: Say): string {
  if (code === 'feed-too-fast' && typeof v['reserve'] === 'number') {
    const fastest = num(v, 'fastestFeedMmS');
    return `At its most it goes ${say(fastest, 'feed')}; with ${say(1 - v['reserve'], 'share')} in hand that is ${say((fastest ?? 0) * v['reserve'], 'feed')}, and ${say(num(v, 'feedMmS'), 'feed')} is wanted.`;
  }
  if (code === 'supply-volts-short' && num(v, 'setVolts') !== null)
    return `This wire wants ${say(num(v, 'setVolts'), 'volts')}; ${say(num(v, 'volts'), 'volts')} is all there is.`;
  return findingWords(code, v, say).text;
}
