import { ALLOYS, type AlloyId } from '../../catalog/alloys';
import { insideFromSag, turnsFor, windingArea } from '../../physics/circuit/winding';
import { metalArea } from '../../physics/wire/area';
import { resistancePerMetre } from '../../physics/wire/resistance';

/** Internal resistance in Ω, four figures, from the voltage open and at a current, both read at the supply's terminals. */
export const internalOhmOf = (openVolts: number, loadedVolts: number, amps: number): number =>
  Number(insideFromSag(openVolts, loadedVolts, amps).toPrecision(4));

/** A new secondary for `volts` where ten test turns read `tenTurnsVolts`: its turns, and mm² of copper for a current in A. */
export const secondaryOf = (volts: number, tenTurnsVolts: number, amps: number | null) => ({
  turns: Math.round(turnsFor(volts, tenTurnsVolts)),
  areaMm2: amps === null ? null : windingArea(amps),
});

/** Ω/m of a spool at 20 °C: as measured, else by the catalogue. */
export function ohmPerMetreOf(s: {
  readonly alloy: AlloyId;
  readonly diameterMm: number;
  readonly strands: number;
  readonly ohmPerM: number | null;
}): number {
  const { rho20, ct } = ALLOYS[s.alloy];
  return s.ohmPerM ?? resistancePerMetre(rho20, ct, metalArea(s.diameterMm / 1000, s.strands), 20);
}
