import { fluxAcrossSlot, LEAST_GAP } from '../physics/foam/flux';
import { lossToAir } from '../physics/heat/loss';
import { ohmPerMetre, type Setup } from './setup';

/** A step this small in K ends a search; it closes in ever faster, so what is left is far less (a test). */
export const TOL = 1e-4;
export const MOST_STEPS = 14;
/** No step of the logarithms is larger. */
const LONGEST = 1.5;
/** Powers by which the heat lost to air, and the heat across the kerf, grow with the wire's excess temperature, to begin with. */
export const LOSS_POWER = 1.25;
const FLUX_POWER = 1.1;
/** W/(m·K) of the air in the kerf, for a first guess. */
const WARM_AIR = 0.038;

/** What a search found, SI; °C. */
export interface Coupled {
  readonly amps: number;
  readonly airC: number;
  readonly foamC: number;
  /** W/m into the foam, and the kerf it melts, m. */
  readonly heat: number;
  readonly width: number;
  readonly capped: false;
}

export const within = (step: number) => Math.max(-LONGEST, Math.min(LONGEST, step));

/**
 * Volts and heat balanced at once: the wire in air at T_a and in its kerf at T_f, where √(Q_air(T_a)/R′(T_a)) times the
 * circuit's ohms is the volts, and I²·R′(T_f) is what crosses the kerf that `widthOf(heat)` gives. Broyden's method (1965)
 * on the logarithms of both excess temperatures, in which the balances are nearly straight.
 *
 * Null where it does not settle, or would leave the physics' range: the bracketed searches answer then. One wire may have
 * one such balance only (alloys that are not steep), so what is found is what they find.
 */
export function balanceTogether(
  s: Setup,
  ohmOf: (airC: number, foamC: number) => number,
  widthOf: (heat: number) => number,
  guessC: number,
  topC: number,
): Coupled | null {
  const { volts, restOhm } = s.drive;
  const roomC = s.room.airC;
  const { flowC } = s.melt!;
  const emissivity = s.alloy.emissivity;
  let airC = guessC;
  let foamC = 0;
  // Slopes of both balances, each by the logarithm of the excess in air and in the kerf.
  let j11 = 0.5 * LOSS_POWER;
  let j12 = 0;
  let j21 = 0;
  let j22 = 0;
  let du = 0;
  let dv = 0;
  let before1 = 0;
  let before2 = 0;
  for (let step = 0; step < MOST_STEPS; step++) {
    if (!(airC > roomC) || !(airC < topC)) return null;
    const square = lossToAir(s.room, airC) / ohmPerMetre(s, airC);
    if (step === 0) {
      const near = square * ohmPerMetre(s, airC);
      const gap = Math.log(Math.max(LEAST_GAP, widthOf(near) / s.diameter));
      foamC = flowC + Math.max(1, (near * gap) / (2 * Math.PI * WARM_AIR));
    }
    const heat = square * ohmPerMetre(s, foamC);
    const width = widthOf(heat);
    const amps = Math.sqrt(square);
    const f1 = Math.log((amps * (restOhm + ohmOf(airC, foamC))) / volts);
    const f2 = Math.log(fluxAcrossSlot(s.diameter, emissivity, flowC, foamC, width) / heat);
    if (step === 0) {
      // A kerf that widens with the heat lets less across: by 1/ln(w/d) for each share of width.
      const widens = widthOf(heat * 1.01) / width - 1;
      const lets = width > LEAST_GAP * s.diameter ? (widens * 100) / Math.log(width / s.diameter) : 0;
      j21 = -LOSS_POWER * (1 + lets);
      j22 = FLUX_POWER;
    } else {
      // Broyden's update: the least change of the slopes that gives what the last step did.
      const norm = du * du + dv * dv;
      const miss1 = (f1 - before1 - j11 * du - j12 * dv) / norm;
      const miss2 = (f2 - before2 - j21 * du - j22 * dv) / norm;
      j11 += miss1 * du;
      j12 += miss1 * dv;
      j21 += miss2 * du;
      j22 += miss2 * dv;
    }
    before1 = f1;
    before2 = f2;
    const det = j11 * j22 - j12 * j21;
    du = within((j12 * f2 - j22 * f1) / det);
    dv = within((j21 * f1 - j11 * f2) / det);
    const air = roomC + (airC - roomC) * Math.exp(du);
    const foam = flowC + (foamC - flowC) * Math.exp(dv);
    const settled = Math.abs(air - airC) <= TOL && Math.abs(foam - foamC) <= TOL;
    airC = air;
    foamC = foam;
    if (!settled) continue;
    if (!(airC < topC)) return null;
    const pushed = volts / (restOhm + ohmOf(airC, foamC));
    const into = pushed * pushed * ohmPerMetre(s, foamC);
    return { amps: pushed, airC, foamC, heat: into, width: widthOf(into), capped: false };
  }
  return null;
}
