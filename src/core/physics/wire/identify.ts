import { ALLOY_IDS, ALLOYS, type AlloyId } from '../../catalog/alloys';
import { AWG_RANGE } from '../../catalog/gauges';
import { metalArea } from './area';
import { awgDiameter } from '../../units/awg';
import { resistancePerMetre } from './resistance';

/** An alloy and gauge that a measured wire could be; `off` is how far its ohms a metre lie off, as a share. */
export interface WireCandidate {
  readonly alloy: AlloyId;
  readonly gauge: number;
  readonly diameter: number;
  readonly off: number;
}

/** Ordinary scatter of such wire: more means another alloy or gauge. Common practice, no source. */
export const ORDINARY_SCATTER = 0.05;
/** How far a diameter by ten turns may lie off, as a share. */
const TURNS_SCATTER = 0.06;

/** Diameter in metres from ten turns laid side by side that measure x metres. */
export function tenTurns(x: number): number {
  return x / 10;
}

/**
 * The alloys and American gauges whose solid wire has the measured ohms a metre at airC, nearest first; with a measured
 * diameter (m) only those near it. `most` how far off at most, as a share. Empty where nothing fits.
 */
export function identifyWire(
  ohmPerMetre: number,
  airC: number,
  diameter: number | null,
  most = 2 * ORDINARY_SCATTER,
): WireCandidate[] {
  const out: WireCandidate[] = [];
  for (const id of ALLOY_IDS) {
    const alloy = ALLOYS[id];
    for (let gauge = AWG_RANGE[0]; gauge <= AWG_RANGE[1]; gauge++) {
      const d = awgDiameter(gauge);
      if (diameter !== null && !(Math.abs(d / diameter - 1) <= TURNS_SCATTER)) continue;
      const off = resistancePerMetre(alloy.rho20, alloy.ct, metalArea(d, 1), airC) / ohmPerMetre - 1;
      if (Math.abs(off) <= most) out.push({ alloy: id, gauge, diameter: d, off });
    }
  }
  return out.sort((a, b) => Math.abs(a.off) - Math.abs(b.off));
}
