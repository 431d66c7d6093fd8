import { ALLOYS, type AlloyId } from '../../catalog/alloys';
import { byStrength } from '../../physics/wire/byStrength';
import { identifyWire, tenTurns } from '../../physics/wire/identify';
import { metalArea } from '../../physics/wire/area';
import { resistancePerMetre } from '../../physics/wire/resistance';

/** Strands whose load is about a wire's strength; scatter of a resistance that is still the same wire. */
export { byStrength } from '../../physics/wire/byStrength';
export { ORDINARY_SCATTER } from '../../physics/wire/identify';

/** What was measured of an unknown wire; null: not measured. */
export interface Measured {
  readonly lengthMm: number | null;
  readonly ohm: number | null;
  readonly probesOhm: number;
  readonly turnsMm: number | null;
  readonly breakN: number | null;
  readonly strands: 1 | 3 | 7 | 19;
  readonly airC: number;
}

/** A wire it could be: diameter of a strand in mm, what it would read, how far off what was measured. */
export interface Candidate {
  readonly alloy: AlloyId;
  readonly diameterMm: number;
  readonly gauge: number | null;
  readonly ohmPerM: number;
  /** Share by which its ohms lie off the measured ones; null where none were. */
  readonly off: number | null;
  readonly by: 'ohms' | 'load';
}

/** Ohms a metre as measured, probes taken off; null without length and ohms. */
export function ohmsAMetre(m: Measured): number | null {
  if (m.lengthMm === null || m.ohm === null || !(m.ohm > m.probesOhm)) return null;
  return (m.ohm - m.probesOhm) / (m.lengthMm / 1000);
}

/** Wires that what was measured could be, likeliest first; to be confirmed by ohms where only the load is known. */
export function candidates(m: Measured): Candidate[] {
  const measured = ohmsAMetre(m);
  const turns = m.turnsMm === null ? null : tenTurns(m.turnsMm / 1000);
  const list: Candidate[] = [];
  const perM = (alloy: AlloyId, strand: number) => {
    const a = ALLOYS[alloy];
    return resistancePerMetre(a.rho20, a.ct, metalArea(strand, m.strands), m.airC);
  };
  if (m.breakN !== null) {
    for (const c of byStrength(m.breakN, m.strands)) {
      if (turns !== null && Math.abs(c.strand / turns - 1) > 0.1) continue;
      const ohmPerM = perM(c.alloy, c.strand);
      const off = measured === null ? null : ohmPerM / measured - 1;
      list.push({
        alloy: c.alloy,
        diameterMm: Number((c.strand * 1000).toPrecision(3)),
        gauge: null,
        ohmPerM,
        off,
        by: 'load',
      });
    }
  }
  if (measured !== null && m.breakN === null) {
    // Equal strands side by side: one of them has n times the ohms.
    for (const c of identifyWire(measured * m.strands, m.airC, turns))
      list.push({
        alloy: c.alloy,
        diameterMm: Number((c.diameter * 1000).toPrecision(4)),
        gauge: c.gauge,
        ohmPerM: perM(c.alloy, c.diameter),
        off: c.off,
        by: 'ohms',
      });
  }
  return list.sort((a, b) => Math.abs(a.off ?? 0) - Math.abs(b.off ?? 0)).slice(0, 12);
}
