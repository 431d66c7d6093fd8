import { lossToAir } from '../physics/heat/loss';
import { LOSS_POWER, MOST_STEPS, TOL, within } from './coupled';
import { ohmPerMetre, type Setup } from './setup';

/**
 * °C in air at which √(Q_air(T)/R′(T)) times the circuit's ohms `ohmOf(T)` is the volts: the secant rule on the logarithm of
 * the excess temperature, in which the balance is nearly straight. Null where it does not settle under `topC`: the bracketed
 * search answers then.
 */
export function balanceInAir(
  s: Setup,
  ohmOf: (airC: number) => number,
  guessC: number,
  topC: number,
): number | null {
  const { volts, restOhm } = s.drive;
  const roomC = s.room.airC;
  let airC = guessC;
  let slope = 0.5 * LOSS_POWER;
  let du = 0;
  let before = 0;
  for (let step = 0; step < MOST_STEPS; step++) {
    if (!(airC > roomC) || !(airC < topC)) return null;
    const amps = Math.sqrt(lossToAir(s.room, airC) / ohmPerMetre(s, airC));
    const f = Math.log((amps * (restOhm + ohmOf(airC))) / volts);
    if (step > 0) slope = (f - before) / du;
    before = f;
    du = within(-f / slope);
    const next = roomC + (airC - roomC) * Math.exp(du);
    if (Math.abs(next - airC) <= TOL) return next < topC ? next : null;
    airC = next;
  }
  return null;
}
