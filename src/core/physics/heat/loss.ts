import { airAt, type Air } from './air';
import { nusseltForced } from './forced';
import { nusseltLying, nusseltUpright } from './natural';

export const SIGMA = 5.670374419e-8;
export const GRAVITY = 9.80665;
export const KELVIN_0 = 273.15;

/** What heat loss to the room depends on: envelope diameter and heated length in m, emissivity, air °C, draught m/s. */
export interface Surroundings {
  readonly diameter: number;
  readonly length: number;
  readonly emissivity: number;
  readonly upright: boolean;
  readonly airC: number;
  readonly draught: number;
}

const scratch: Air = { k: 0, nu: 0, alpha: 0 };

/**
 * Heat lost to air by a wire at `wireC`, W/m:
 * π·k·Nu·(Tw−Ta) + ε·σ·π·d·(Tw⁴−Ta⁴), Nu = (Nu_natural³ + Nu_forced³)^⅓, air at the film temperature.
 * Not negative above airC, rising with wireC. Source: Morgan (1975), Churchill & Bernstein (1977); the sum of cubes
 * as Churchill recommends for mixed flow.
 */
export function lossToAir(s: Surroundings, wireC: number): number {
  const dT = wireC - s.airC;
  if (!(dT > 0)) return 0;
  const tw = wireC + KELVIN_0;
  const ta = s.airC + KELVIN_0;
  const film = 0.5 * (tw + ta);
  const air = airAt(film, scratch);
  const d = s.diameter;
  const ra = (GRAVITY * dT * d * d * d) / (film * air.nu * air.alpha);
  const natural = s.upright ? nusseltUpright((ra * d) / s.length) : nusseltLying(ra);
  const forced = s.draught > 0 ? nusseltForced((s.draught * d) / air.nu, air.nu / air.alpha) : 0;
  const nu = forced > 0 ? Math.cbrt(natural * natural * natural + forced * forced * forced) : natural;
  const tw2 = tw * tw;
  const ta2 = ta * ta;
  return Math.PI * air.k * nu * dT + s.emissivity * SIGMA * Math.PI * d * (tw2 * tw2 - ta2 * ta2);
}
