import { GRAVITY } from '../physics/heat/loss';
import { pluckHz, pullOfPitch, yieldHz } from '../physics/tension/pluck';
import { inSeries, wireStiffness } from '../physics/tension/stiffness';
import { tensileStrength } from '../physics/wire/strength';
import type { Evaluation } from './evaluation';

/** Newtons of a mass in g, and the reverse. */
export const newtonsOf = (grams: number): number => (grams / 1000) * GRAVITY;
export const gramsOf = (newtons: number): number => (newtons / GRAVITY) * 1000;

/** Tension in N of the rig's wire that gives a note of `hertz`. */
export const tensionOfNote = (e: Evaluation, hertz: number): number =>
  pullOfPitch(hertz, e.s.area * e.s.alloy.density, e.s.rig.wire.lengthMm / 1000);

/** Note in Hz of the rig's wire at a tension of `newtons`. The way back of the above. */
export const noteOfTension = (e: Evaluation, newtons: number): number =>
  pluckHz(newtons, e.s.area * e.s.alloy.density, e.s.rig.wire.lengthMm / 1000);

/** Note in Hz at which the rig's cold wire yields: it rises no further. */
export function noteOfYield({ s }: Evaluation): number {
  const yieldPa = s.alloy.yieldFraction * tensileStrength(s.alloy, s.strand, s.room.airC);
  return yieldHz(yieldPa, s.alloy.density, s.rig.wire.lengthMm / 1000);
}

/** Tension in N after a frame of `rateNPerMm` was squeezed by `mm`, the wire hung, and the frame let go. */
export function tensionOfSqueeze(e: Evaluation, rateNPerMm: number, mm: number): number {
  const wire = wireStiffness(e.s.alloy.youngs, e.s.area, e.s.rig.wire.lengthMm / 1000);
  return inSeries(rateNPerMm * 1000, wire) * (mm / 1000);
}

/** Rate of all that holds the wire, N/m; 0 for a hung weight. */
export function holdingRate(e: Evaluation): number {
  const { holder } = e.tension.takeUp;
  return e.s.rig.tension.kind === 'weight' ? 0 : inSeries(holder.rate, holder.rest);
}
