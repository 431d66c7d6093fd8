import { CAUSES, type Cause, type Signs } from './signs';
import { RULES, type Rule } from './rules';

/** How readily a bench would think of a cause before anything was seen: natural logarithms of odds. Ours. */
const PRIOR: Record<Cause, number> = {
  'too-fast': 0,
  'too-slow': 0,
  'too-hot': -0.2,
  'too-cold': -0.5,
  lag: -0.7,
  stopped: -0.8,
  'template-rough': -1,
  'ends-uneven': -1,
  'stood-at-exit': -1,
  'uneven-foam': -1.2,
  'slack-wire': -1.5,
  'cool-ends': -1.5,
  'wire-damaged': -1.5,
  'stored-heat': -1.5,
  'corner-rushed': -1.5,
  'corner-overstayed': -1.5,
  'wire-dirty': -1.6,
  'template-chills': -2,
  'halves-rewelded': -2,
  draught: -2,
  'supply-fades': -2,
};

/** A cause with its likelihood among all, 0 to 1, and the rules that spoke for it, the strongest first. */
export interface Weighed {
  readonly cause: Cause;
  readonly share: number;
  readonly because: readonly Rule[];
}

/**
 * Causes of what was seen, the likeliest first: prior odds times what each rule that holds is worth, shared out to 1 (weights of
 * evidence, Good 1950). Nothing seen: no causes.
 */
export function weigh(s: Signs): Weighed[] {
  if (s.seen.length === 0) return [];
  const odds = CAUSES.map((cause) => {
    const held = RULES.filter((r) => r.cause === cause && r.holds(s));
    const because = held.filter((r) => r.weight > 0).sort((a, b) => b.weight - a.weight);
    return { cause, because, log: PRIOR[cause] + held.reduce((sum, r) => sum + r.weight, 0) };
  });
  const all = odds.reduce((sum, o) => sum + Math.exp(o.log), 0);
  return odds
    .map(({ cause, because, log }) => ({ cause, because, share: Math.exp(log) / all }))
    .sort((a, b) => b.share - a.share);
}
