import type { Supply } from '../documents/supply';

/** What somebody believes of the wire that a supply takes. */
export interface WireClaim {
  readonly says: 'at-least' | 'at-most';
  readonly ohm: number;
}

/** What the label makes of it; `leastOhm` null where no limit is known. */
export interface ClaimVerdict {
  readonly leastOhm: number | null;
  /**
   * right; turned – read the wrong way round, there is no most; low – fewer ohms than the limit allows; unknown – nothing to
   * hold it against.
   */
  readonly verdict: 'right' | 'turned' | 'low' | 'unknown';
  /** The claim put right; null where nothing is known. */
  readonly right: WireClaim | null;
}

/** A claim within this share of the least counts as it. */
const NEAR = 0.02;

/** Least wire resistance of a supply, V over its most amps, Ω; a transformer's amps are its VA over 1.25 V. Null: not known. */
export function leastOhmOf(supply: Supply): number | null {
  const amps = supply.maxAmps ?? (supply.ratedVA !== undefined ? supply.ratedVA / (1.25 * supply.volts) : null);
  return amps === null ? null : supply.volts / amps;
}

/**
 * Holds a claim about the wire against the label. Volts over the most amps is the **least** wire; that it be the most is the
 * classic slip: a wire of more ohms only stays cooler.
 */
export function readClaim(supply: Supply, claim: WireClaim): ClaimVerdict {
  const leastOhm = leastOhmOf(supply);
  if (leastOhm === null) return { leastOhm, verdict: 'unknown', right: null };
  const right: WireClaim = { says: 'at-least', ohm: leastOhm };
  if (claim.says === 'at-most') return { leastOhm, verdict: 'turned', right };
  return { leastOhm, verdict: claim.ohm < leastOhm * (1 - NEAR) ? 'low' : 'right', right };
}
