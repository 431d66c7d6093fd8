import { heatCapacityPerMetre, ohmPerMetre, type Setup } from '../engine/setup';
import { slotHeatAt } from '../engine/slotHeat';
import { fluxAcrossSlot } from '../physics/foam/flux';
import { slotWidth } from '../physics/foam/melt';
import { lossToAir } from '../physics/heat/loss';

/** A stretch of the wire with one temperature: °C, its share of the heated length, and whether it is in the foam with a kerf of so many m. */
export interface Lump {
  readonly wireC: number;
  readonly share: number;
  readonly kerf: number | null;
}

/** Feeds under this count as standing, m/s. */
export const STANDING = 1e-5;
/** A controller that holds ohms comes to them in about this time, s. Ours. */
const HOLD_S = 0.3;

/** Heat in W/m that a lump gives the foam across its kerf; 0 in air. */
export const intoFoam = (s: Setup, l: Pick<Lump, 'wireC' | 'kerf'>): number =>
  l.kerf === null ? 0 : fluxAcrossSlot(s.diameter, s.alloy.emissivity, s.melt!.flowC, l.wireC, l.kerf);

/** What a lump loses, W/m: to the room; in the foam to its kerf, and no less than still air would take, which caps its temperature. */
export const lossOf = (s: Setup, l: Pick<Lump, 'wireC' | 'kerf'>): number =>
  l.kerf === null ? lossToAir(s.room, l.wireC) : Math.max(intoFoam(s, l), lossToAir(s.still, l.wireC));

/** Amps through lumps in series: what the volts push, under what is held; ohms held by pulses. */
export function ampsThrough(s: Setup, lumps: readonly Lump[]): number {
  const { volts, restOhm, limitAmps, heldOhm } = s.drive;
  const ohms = lumps.reduce((sum, l) => sum + l.share * ohmPerMetre(s, l.wireC), 0) * s.length;
  const full = Math.min(limitAmps, volts / (restOhm + ohms));
  if (heldOhm === null) return full;
  // d(ohms)/dt of the wire by its heat balance is set to what brings the ohms to those held within HOLD_S.
  const capacity = heatCapacityPerMetre(s);
  let made = 0;
  let lost = 0;
  for (const l of lumps) {
    const slope =
      (l.share * s.length * (ohmPerMetre(s, l.wireC + 0.5) - ohmPerMetre(s, l.wireC - 0.5))) / capacity;
    made += slope * ohmPerMetre(s, l.wireC);
    lost += slope * lossOf(s, l);
  }
  const square = made > 0 ? ((heldOhm - ohms) / HOLD_S + lost) / made : 0;
  return Math.min(full, Math.sqrt(Math.max(0, square)));
}

/** °C of a lump after `dt` seconds at a current: ρ·A·cp·dT/dt = I²R′ − loss, one step of the linearised balance (linearly implicit midpoint rule), stable for any dt. */
export function warmed(s: Setup, l: Lump, amps: number, dt: number): number {
  const net = (t: number) => amps * amps * ohmPerMetre(s, t) - lossOf(s, { wireC: t, kerf: l.kerf });
  const capacity = heatCapacityPerMetre(s);
  const slope = Math.min(0, net(l.wireC + 0.5) - net(l.wireC - 0.5));
  return l.wireC + (dt * net(l.wireC)) / (capacity - 0.5 * dt * slope);
}

/**
 * Kerf in m that a wire at a temperature (°C) settles to at a feed (m/s): its heat across that kerf melts just that kerf; 0 where it melts
 * nothing. Each search begins where the last one ended: a place of the wire keeps one of its own.
 */
export function kerfSettler(s: Setup): (wireC: number, feed: number) => number {
  const heatAt = slotHeatAt(s, Infinity, 1e-9);
  return (wireC, feed) => {
    const v = Math.max(feed, STANDING);
    const heat = heatAt(wireC, v);
    return heat > 0 ? slotWidth(s.melt!, heat, v) : 0;
  };
}
