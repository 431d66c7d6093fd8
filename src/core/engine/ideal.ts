import type { AlloyId } from '../catalog/alloys';
import type { Rig } from '../documents/rig';
import { awgDiameter } from '../units/awg';
import { envelopeDiameter } from '../physics/wire/envelope';
import { need } from './needOf';
import { ALLOYS } from '../catalog/alloys';

/** A wire for a cut: what it takes at a length, and whether it bears it. */
export interface IdealWire {
  readonly name: string;
  readonly diameterMm: number;
  readonly lengthMm: number;
  readonly amps: number;
  /** Volts of the supply, leads with it. */
  readonly volts: number;
  /** Heat of each metre, W/m. */
  readonly wattsPerM: number;
  readonly airC: number;
  /** Under the alloy's limit and the foam's fume limit is not asked here: that is the slot's. */
  readonly bears: boolean;
  readonly own: boolean;
}

/** Gauges a shop sells. */
const GAUGES = [18, 20, 22, 24, 26, 28, 30, 32, 34];

export interface WireAsked {
  readonly name: string;
  readonly alloy: AlloyId;
  readonly diameterMm: number;
  readonly strands: 1 | 3 | 7 | 19;
}

/** What one wire of a length takes for the job of a rig (foam, width, feed, reserve, room); null where it cannot cut it. */
export function idealOf(job: Rig, wire: WireAsked, lengthMm: number, own: boolean): IdealWire | null {
  const { alloy, diameterMm, strands } = wire;
  const n = need(
    { ...job, wire: { ...job.wire, alloy, diameterMm, strands, lengthMm, measuredOhm: null } },
    false,
  );
  if (n.amps === null || n.supplyVolts === null || n.watts === null || n.airC === null) return null;
  return {
    name: wire.name,
    diameterMm: envelopeDiameter(diameterMm, strands),
    lengthMm,
    amps: n.amps,
    volts: n.supplyVolts,
    wattsPerM: n.watts / (lengthMm / 1000),
    airC: n.airC,
    bears: n.airC <= ALLOYS[alloy].limitC,
    own,
  };
}

/** Common gauges of an alloy at a length for the job of a rig, thick to thin. */
export function idealGauges(job: Rig, alloy: AlloyId, lengthMm: number): IdealWire[] {
  return GAUGES.flatMap((g) => {
    const diameterMm = Number((awgDiameter(g) * 1000).toPrecision(4));
    const wire = { name: `${g}`, alloy, diameterMm, strands: 1 as const };
    const found = idealOf(job, wire, lengthMm, false);
    return found ? [found] : [];
  });
}
