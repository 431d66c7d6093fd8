import { lossToAir, type Surroundings } from '../physics/heat/loss';
import { hottest, lowestBalance } from '../physics/heat/temperature';
import { ohmPerMetre, type Setup } from './setup';

/** °C at which the wire carries `amps` in some surroundings; a search from `guess`. */
export function balanceAt(s: Setup, surroundings: Surroundings, amps: number, guess: number): number {
  if (!(amps > 0)) return surroundings.airC;
  const square = amps * amps;
  const f = (t: number) => lossToAir(surroundings, t) - square * ohmPerMetre(s, t);
  return lowestBalance(surroundings, s.alloy, f, hottestAt(s, amps), guess).x;
}

/** °C over which no balance at `amps` can lie. */
export function hottestAt(s: Setup, amps: number): number {
  const factors = s.alloy.ct.y;
  const most = Math.max(1.08, factors[factors.length - 1]!);
  return hottest(s.room, (amps * amps * s.rho20 * most) / s.area);
}

/** Loss of the wire to the room per kelvin, W/(m·K), at a temperature: the slope of lossToAir. */
export function lossSlope(s: Setup, tempC: number): number {
  const h = 0.5;
  return (lossToAir(s.room, tempC + h) - lossToAir(s.room, tempC - h)) / (2 * h);
}
