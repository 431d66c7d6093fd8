import { asTyped, text } from '../units/format';
import type { Profile, Role } from '../units/profile';

/** Says a number in somebody's units; null and text pass as they can. */
export type Say = (value: number | string | null | undefined, role: Role) => string;

/** A formatter for one profile of units. */
export function sayIn(profile: Profile): Say {
  return (value, role) =>
    typeof value === 'number'
      ? text(value, role, profile)
      : value === null || value === undefined
        ? 'not known'
        : value;
}

/** The same for a value that somebody typed: it stands as typed, not rounded to what a computed figure may claim. */
export function typedIn(profile: Profile): (value: number, role: Role) => string {
  return (value, role) => {
    const shown = asTyped(value, role, profile);
    return shown.unit ? `${shown.figures}\u00a0${shown.unit}` : shown.figures;
  };
}

export const METRIC_SAY = sayIn('metric');
