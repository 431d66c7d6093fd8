import { rootIncreasing } from '../../numeric/root';

/**
 * Share of the full rms volts that a phase-cut dimmer lets through at firing angle `degrees` (0 full, 180 off):
 * √(1 − a/π + sin 2a/(2π)), the rms of a sine from a to π. Source: texts of power electronics; checked by integration.
 */
export function phaseShare(degrees: number): number {
  const a = (Math.min(180, Math.max(0, degrees)) * Math.PI) / 180;
  return Math.sqrt(Math.max(0, 1 - a / Math.PI + Math.sin(2 * a) / (2 * Math.PI)));
}

/** Firing angle in degrees whose rms share is `share` (0–1): the inverse of {@link phaseShare}, searched for. */
export function phaseAngle(share: number): number {
  if (share >= 1) return 0;
  if (share <= 0) return 180;
  return rootIncreasing((degrees) => share - phaseShare(degrees), 0, 180, 90, 1e-12).x;
}

/** Peak of the cut sine over its rms at full: √2 up to 90°, √2·sin a beyond. */
export function phasePeak(degrees: number): number {
  const a = (degrees * Math.PI) / 180;
  return Math.SQRT2 * (degrees > 90 ? Math.sin(a) : 1);
}
