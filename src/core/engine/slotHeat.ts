import { rootIncreasing } from '../numeric/root';
import { fluxAcrossSlot } from '../physics/foam/flux';
import { slotWidth } from '../physics/foam/melt';
import type { Setup } from './setup';

/**
 * Heat in W/m that a wire at a temperature in °C gives the foam at a feed (m/s), its kerf settled to that heat; 0 up to T_flow.
 * `near`: a first guess, W/m; each search begins where the last one ended. `share`: what of the most heat may be left out.
 */
export function slotHeatAt(s: Setup, near: number, share = 1e-6): (tempC: number, feed: number) => number {
  const m = s.melt!;
  const flux = (t: number, width: number) => fluxAcrossSlot(s.diameter, s.alloy.emissivity, m.flowC, t, width);
  let guess = near;
  let slope = 0;
  return (t, feed) => {
    const most = flux(t, 0);
    if (!(most > 0)) return 0;
    const f = (q: number) => q - flux(t, slotWidth(m, q, feed));
    const root = rootIncreasing(f, 0, most, Math.min(guess, 0.9 * most), most * share, slope);
    guess = root.x;
    slope = root.slope;
    return guess;
  };
}

/** The same at one feed. */
export function slotHeat(s: Setup, feed: number, near: number, share = 1e-6): (tempC: number) => number {
  const heat = slotHeatAt(s, near, share);
  return (t) => heat(t, feed);
}
