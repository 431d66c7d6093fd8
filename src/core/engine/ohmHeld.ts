import { rootIncreasing } from '../numeric/root';

/** Step in K of the search. */
const STEP = 50;

/**
 * °C in air at which the wire has the ohms that a controller holds, found from the cold upwards (an alloy's factor may
 * fall again); no hotter than `fullC`, where full pulses make it. `ohmAt`: the wire's ohms at a temperature in air.
 */
export function ohmHeldAt(coldC: number, ohm: number, fullC: number, ohmAt: (airC: number) => number): number {
  if (!(ohmAt(coldC) < ohm)) return coldC;
  for (let lo = coldC; lo < fullC; lo += STEP) {
    const hi = Math.min(fullC, lo + STEP);
    if (ohmAt(hi) >= ohm) return rootIncreasing((t) => ohmAt(t) - ohm, lo, hi, 0.5 * (lo + hi), 5e-4).x;
  }
  return fullC;
}
