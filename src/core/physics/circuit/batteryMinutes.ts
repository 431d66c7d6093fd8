import type { Chemistry } from './battery';

/** Peukert's exponent for lead and the hours of its rating. From memory. */
const PEUKERT = 1.2;
const RATED_HOURS = 20;

/**
 * Minutes that a battery gives `amps`: Ah/A, for lead by Peukert's law on its 20-hour rate, t = H·(C/(I·H))^1.2.
 * ampHours rated, charge 0–1 the share that is in it, amps > 0.
 */
export function batteryMinutes(chemistry: Chemistry, ampHours: number, charge: number, amps: number): number {
  const hours =
    chemistry === 'lead-acid' ? RATED_HOURS * (ampHours / (amps * RATED_HOURS)) ** PEUKERT : ampHours / amps;
  return 60 * charge * hours;
}
