import { airAt, type Air } from '../heat/air';
import { KELVIN_0, SIGMA } from '../heat/loss';

const scratch: Air = { k: 0, nu: 0, alpha: 0 };
/** The wire is taken to stand off the melted wall by no less than this share of its diameter. */
export const LEAST_GAP = 1.02;

/**
 * Heat in W/m that a wire at `wireC` gives across the air in its kerf of width w (m):
 * 2π·k_air(T̄)·(Tw−T_flow)/ln(w/d) + ε·σ·π·d·(Tw⁴−T_flow⁴), w/d no less than 1.02.
 * Conduction between concentric cylinders (Incropera & DeWitt §3.3) and radiation; 0 at T_flow, rising with wireC.
 */
export function fluxAcrossSlot(
  diameter: number,
  emissivity: number,
  flowC: number,
  wireC: number,
  width: number,
): number {
  const dT = wireC - flowC;
  if (!(dT > 0)) return 0;
  const tw = wireC + KELVIN_0;
  const tf = flowC + KELVIN_0;
  const k = airAt(0.5 * (tw + tf), scratch).k;
  const ratio = width / diameter;
  const gap = Math.log(ratio > LEAST_GAP ? ratio : LEAST_GAP);
  return (2 * Math.PI * k * dT) / gap + radiationAcrossSlot(diameter, emissivity, flowC, wireC);
}

/** The radiated share of {@link fluxAcrossSlot}, W/m. */
export function radiationAcrossSlot(
  diameter: number,
  emissivity: number,
  flowC: number,
  wireC: number,
): number {
  const hot = (wireC + KELVIN_0) * (wireC + KELVIN_0);
  const cool = (flowC + KELVIN_0) * (flowC + KELVIN_0);
  return emissivity * SIGMA * Math.PI * diameter * (hot * hot - cool * cool);
}
