/** Rated currents of miniature fuses, A (IEC 60127). */
export const GLASS_FUSES: readonly number[] = [0.5, 0.63, 0.8, 1, 1.25, 1.6, 2, 2.5, 3.15, 4, 5, 6.3, 8, 10, 12.5, 16, 20]; // prettier-ignore
/** Rated currents of blade fuses, A (ISO 8820-3): they break a battery's short-circuit current, small glass ones do not. */
export const BLADE_FUSES: readonly number[] = [2, 3, 4, 5, 7.5, 10, 15, 20, 25, 30];

/**
 * The fuse for a loop: the next value of at least 1.25 × the running rms amps, no more than the lead's rating; null
 * where none fits: then a thicker lead. `battery`: a blade fuse at its terminal. 1.25 × is common practice.
 */
export function fuseFor(runningAmps: number, leadAmps: number, battery: boolean): number | null {
  const value = (battery ? BLADE_FUSES : GLASS_FUSES).find((f) => f >= 1.25 * runningAmps);
  return value !== undefined && value <= leadAmps ? value : null;
}
