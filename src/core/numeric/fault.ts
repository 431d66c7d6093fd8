/**
 * A refusal by the core: which field, which rule, and the value that broke it.
 * The words that a person reads are made elsewhere (`core/words`); this carries data only.
 */
export class CoreFault extends Error {
  constructor(
    readonly code: 'range' | 'unit' | 'number' | 'unknown',
    readonly field: string,
    readonly rule: string,
  ) {
    super(`${field}: ${rule}`);
    this.name = 'CoreFault';
  }
}

/** Returns x where lo ≤ x ≤ hi, otherwise throws; NaN fails because the guard is written positively. */
export function within(field: string, x: number, lo: number, hi: number): number {
  if (x >= lo && x <= hi) return x;
  throw new CoreFault('range', field, `must lie between ${lo} and ${hi}`);
}
