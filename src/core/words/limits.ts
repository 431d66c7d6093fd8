import { within, type Limits } from '../documents/fieldPath';
import type { Role } from '../units/profile';

/** Says a number in the reader's units. */
type Say = (value: number, role: Role) => string;

/** The rule of a number's bounds in the reader's units. */
export function limitsWords({ least, most, over }: Limits, role: Role, say: Say): string {
  if (!Number.isFinite(most)) return `must be ${over ? 'over' : 'at least'} ${say(least, role)}`;
  if (!Number.isFinite(least)) return `must be at most ${say(most, role)}`;
  if (over) return `must be over ${say(least, role)} and at most ${say(most, role)}`;
  return `must lie between ${say(least, role)} and ${say(most, role)}`;
}

/** The rule that a number breaks, in the reader's units; null where it lies within its bounds. Nothing at all breaks it too. */
export function outside(x: number | null, limits: Limits, role: Role, say: Say): string | null {
  return x !== null && within(x, limits) ? null : limitsWords(limits, role, say);
}
