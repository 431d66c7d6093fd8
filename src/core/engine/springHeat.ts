import { ALLOYS } from '../catalog/alloys';
import { lossToAir } from '../physics/heat/loss';
import { hottest, lowestBalance } from '../physics/heat/temperature';
import { metalArea } from '../physics/wire/area';
import { resistancePerMetre } from '../physics/wire/resistance';
import { runningAmps } from './load';
import type { Evaluation } from './evaluation';

/** Close coils warm each other: the rise of a straight wire times this, from and to. Common practice, no source. */
const COILS = [1.5, 2] as const;
/** °C, from and to, of a take-up spring whose own wire carries the rig's amps; null where its wire is not known or nothing flows. */
export function springC(e: Evaluation): [number, number] | null {
  const { springs } = e.s.rig.tension;
  const amps = runningAmps(e);
  if (!springs || e.off || !(amps > 0)) return null;
  const steel = ALLOYS['steel-music'];
  const side = springs.joined === 'parallel' ? springs.count : 1;
  const each = amps / side;
  const diameter = springs.wireMm / 1000;
  const area = metalArea(diameter, 1);
  const air = { ...e.s.room, diameter, length: 0.1, upright: false, emissivity: steel.emissivity };
  const heat = (t: number) => each ** 2 * resistancePerMetre(steel.rho20, steel.ct, area, t);
  const top = hottest(air, heat(1000));
  const c = lowestBalance(air, steel, (t) => lossToAir(air, t) - heat(t), top, 60).x;
  const rise = c - air.airC;
  return [air.airC + COILS[0] * rise, air.airC + COILS[1] * rise];
}
