import type { Alloy } from '../../catalog/alloys';
import { rootIncreasing, type Root } from '../../numeric/root';
import { KELVIN_0, SIGMA, type Surroundings } from './loss';

/** Width in K at which a search for a temperature stops; the secant's last step leaves under a thousandth of it. */
const TOL = 5e-4;
/** Alloys whose resistance rises more than this can have more than one balance: those are searched from below. */
const STEEP = 2.5;
const STEP = 25;

/** The temperature in °C at which radiation alone carries `mostHeat` W/m away: every balance lies below it. */
export function hottest(s: Surroundings, mostHeat: number): number {
  const ta = s.airC + KELVIN_0;
  return (mostHeat / (s.emissivity * SIGMA * Math.PI * s.diameter) + ta ** 4) ** 0.25 - KELVIN_0 + 1e-3;
}

/**
 * Lowest root in °C, from the air's temperature to `top`, of a balance f(T) that is negative in the cold: bracketed
 * from below, so that an alloy of steeply rising resistance is not taken past its first balance. `guess` starts it, with the
 * `slope` of f there where it is known.
 * Above the solidus the figure is still given; the finding wire-melts says what it means.
 */
export function lowestBalance(
  s: Surroundings,
  alloy: Alloy,
  f: (tempC: number) => number,
  top: number,
  guess: number,
  slope = 0,
): Root {
  const factors = alloy.ct.y;
  if (factors[factors.length - 1]! < STEEP) return rootIncreasing(f, s.airC, top, guess, TOL, slope);
  const lastKink = alloy.ct.x[alloy.ct.x.length - 1]!;
  let lo = s.airC;
  while (lo < lastKink && lo + STEP < top) {
    if (f(lo + STEP) >= 0) return rootIncreasing(f, lo, lo + STEP, guess, TOL);
    lo += STEP;
  }
  return rootIncreasing(f, lo, top, guess, TOL);
}
