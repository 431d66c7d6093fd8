import { text } from '../units/format';
import type { Profile, Role } from '../units/profile';

/** Says a number in somebody's units; null and text pass as they can. */
export type Say = (value: number | string | null | undefined, role: Role) => string;

/** A formatter for one profile of units. */
export function sayIn(profile: Profile): Say {
  return (value, role) =>
    typeof value === 'number' ? text(value, role, profile) : value === null || value === undefined ? 'not known' : value;
}

export const METRIC_SAY = sayIn('metric');
