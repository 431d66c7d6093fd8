import type { HeatExpected } from './plan';

/** Where a reading lies against its band. */
export type Standing = 'low' | 'fine' | 'high';

/** Whether a reading lies in its band. */
export function standingOf(x: number, [low, high]: readonly [number, number]): Standing {
  return x < low ? 'low' : x > high ? 'high' : 'fine';
}

/** Whether what was read at a setting lies in its bands: amps first, then volts where they stand for the wire. */
export function stepStanding(
  want: HeatExpected,
  step: { readonly amps: number | null; readonly volts: number | null },
  voltsAt: 'display' | 'clips',
): Standing | null {
  const amps = step.amps === null ? null : standingOf(step.amps, want.ampsBand);
  if (amps !== null && amps !== 'fine') return amps;
  if (step.volts === null) return amps;
  const factor = voltsAt === 'display' && want.clipVolts > 0 ? want.displayVolts / want.clipVolts : 1;
  return standingOf(step.volts / factor, want.voltsBand);
}
