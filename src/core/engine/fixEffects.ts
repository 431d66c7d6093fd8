import type { FindingCode } from '../documents/reading';
import { RANK } from './drafts';
import { evaluate } from './evaluate';
import type { Draft, Patch } from './findings/draft';
import { merge } from './merge';
import type { Evaluation } from './evaluation';

/** The value of a finding that grows as it gets worse. */
const MEASURE: Partial<Record<FindingCode, string>> = {
  'supply-overload': 'load', 'pulse-peak-overload': 'load', 'supply-near-limit': 'load', 'control-overload': 'load',
  'wire-overstressed': 'use', 'wire-stress-high': 'use', 'takes-a-set': 'yieldUse', 'bar-near-buckling': 'share',
  'spring-past-safe-load': 'pullN', 'wire-melts': 'wireC', 'wire-too-hot': 'wireC', glows: 'wireC', 'smokes-at-entry': 'wireC',
  'touch-voltage': 'volts', 'lead-overheats': 'amps', 'lead-loss-high': 'share', 'contact-loss-high': 'share',
  'lag-high': 'lagMm', 'wire-goes-slack': 'slackMm', 'feed-too-fast': 'reserve', 'feed-near-limit': 'reserve',
  'wide-slot': 'kerfMm', 'melt-back': 'kerfMm', 'fume-limit': 'foamC', 'take-up-short': 'growthMm',
}; // prettier-ignore

/** Findings that are the same trouble at rising levels. */
const FAMILIES: readonly (readonly FindingCode[])[] = [
  ['supply-near-limit', 'supply-overload', 'pulse-peak-overload'],
  ['control-overload'],
  ['takes-a-set', 'wire-stress-high', 'wire-overstressed'],
  ['feed-near-limit', 'feed-too-fast'],
  ['wide-slot', 'melt-back'],
  ['smokes-at-entry', 'fume-limit'],
  ['glows', 'wire-too-hot', 'wire-melts'],
  ['not-isolated', 'mains-direct'],
];

/** Evaluations of patched rigs, by the evaluation of the rig as it is: two findings often try the same dial. */
const AGAIN = new WeakMap<Evaluation, Map<string, Evaluation>>();

/** A rig with a change, solved; the same change of the same rig is solved once. */
export function solvedOnce(near: Evaluation, patch: Patch): Evaluation {
  let solved = AGAIN.get(near);
  if (!solved) AGAIN.set(near, (solved = new Map()));
  const key = JSON.stringify(patch);
  let e = solved.get(key);
  if (!e) solved.set(key, (e = evaluate(merge(near.s.rig, patch))));
  return e;
}

/** Share by which a finding's measure has grown; 0 where it has none. */
export function growth(before: Draft, after: Draft): number {
  const key = MEASURE[after.code];
  const [a, b] = key ? [before.values[key], after.values[key]] : [null, null];
  return typeof a === 'number' && typeof b === 'number' && a !== 0 ? b / a - 1 : 0;
}

/** Whether a finding stands at a worse level than the worst of its family did, where any of it did. */
export function lifted(d: Draft, found: readonly Draft[]): boolean {
  const family = FAMILIES.find((f) => f.includes(d.code));
  let was = false;
  for (const f of found)
    if (family ? family.includes(f.code) : f.code === d.code) {
      if (RANK[f.level] <= RANK[d.level]) return false;
      was = true;
    }
  return was;
}
