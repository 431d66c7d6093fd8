import { ALLOY_IDS, ALLOYS, type AlloyId } from '../../catalog/alloys';

/** A wire that a breaking load and a number of strands could be: strand diameter in m. */
export interface StrengthCandidate {
  readonly alloy: AlloyId;
  readonly strand: number;
  readonly stress: number;
}

/** Wires sold by their breaking load: leader, hanging wire, spring wire. */
const SOLD_BY_LOAD: readonly AlloyId[] = ['ss-304-hard', 'steel-music', 'ss-304', 'steel-soft'];

/**
 * Strand diameters of the alloys sold by breaking load that break at `newtons` with n equal strands. Hard-drawn wire by the
 * size law, S20 = A/δ^m: N·πδ²/4·A/δ^m = F, so δ = (4F/(NπA))^(1/(2−m)), δ in mm and F in newtons; others by their strength
 * at 20 °C. Range: newtons > 0, strands ≥ 1. Source: Shigley, table 10-4; a label's load is taken as the wire's own.
 */
export function byStrength(newtons: number, strands: number): StrengthCandidate[] {
  return SOLD_BY_LOAD.filter((id) => ALLOY_IDS.includes(id)).map((alloy) => {
    const row = ALLOYS[alloy];
    const a = row.sizeLaw?.a ?? row.strength.y[0]!;
    const m = row.sizeLaw?.m ?? 0;
    const mm = ((4 * newtons) / (strands * Math.PI * a)) ** (1 / (2 - m));
    return { alloy, strand: mm / 1000, stress: (a / mm ** m) * 1e6 };
  });
}
