import type { LengthWant } from '../engine/match/wants';
import type { FindingCode, Values } from '../documents/reading';
import { findingWords } from './findings';
import type { Say } from './say';

const num = (v: Values, key: string) => v[key] as number | null;

/** Why a pairing is refused, in one or two sentences with its own numbers. */
export function refusalText(code: FindingCode, v: Values, say: Say): string {
  if (code === 'feed-too-fast' && typeof v['reserve'] === 'number') {
    const fastest = num(v, 'fastestFeedMmS');
    return `Its max feed is ${say(fastest, 'feed')}; with ${say(1 - v['reserve'], 'share')} margin that is ${say((fastest ?? 0) * v['reserve'], 'feed')}, and ${say(num(v, 'feedMmS'), 'feed')} is wanted.`;
  }
  if (code === 'supply-volts-short' && num(v, 'setVolts') !== null)
    return `This wire wants ${say(num(v, 'setVolts'), 'volts')}; ${say(num(v, 'volts'), 'volts')} is all there is.`;
  return findingWords(code, v, say).text;
}

/** What would work where no feed does at some lengths, in one sentence; empty where each length has something that works. */
export function lengthWantWords(wants: readonly LengthWant[], say: Say): string {
  const one = (why: LengthWant['why'], what: string, would: string) => {
    const lengths = wants.filter((w) => w.why === why).map((w) => say(w.lengthMm, 'wireLength'));
    return lengths.length === 0 ? '' : `At ${lengths.join(', ')} ${what}: ${would}.`;
  };
  return [
    one(
      'too-hot',
      'most that there is gets too hot for that feed',
      'longer wire, a thinner gauge, or a control that turns it down',
    ),
    one(
      'too-cold',
      'most that there is stays too cold for that feed',
      'shorter wire, a supply of more volts, or a slower feed',
    ),
    one(
      'overload',
      'most of the wire asks more than the supplies give',
      'longer wire, a thinner gauge, or a stronger supply',
    ),
  ]
    .filter(Boolean)
    .join(' ');
}
