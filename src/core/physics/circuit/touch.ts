/**
 * Highest volts that may stand on a bare wire: 60 V dc, 30 V ac rms.
 * Source: energy source class 1 (ES1) of IEC 62368-1. Over it the program refuses; under it, it never says "safe".
 */
export function touchLimit(current: 'dc' | 'ac'): number {
  return current === 'ac' ? 30 : 60;
}
