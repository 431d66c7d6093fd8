import { ALLOYS, type Alloy } from '../catalog/alloys';
import { FOAMS, type Foam } from '../catalog/foams';
import type { Rig } from '../documents/rig';
import { reserveOf } from '../documents/rigDefaults';
import { interpolateLinear } from '../numeric/table';
import { melt, type Melt } from '../physics/foam/melt';
import type { Surroundings } from '../physics/heat/loss';
import { metalArea } from '../physics/wire/area';
import { envelopeDiameter } from '../physics/wire/envelope';
import { measuredResistivity } from '../physics/wire/measuredResistivity';
import { resistancePerMetre } from '../physics/wire/resistance';
import { driveOf, type Drive } from './drive';

/** A closed room counts as this draught, m/s: the kerf shelters the wire from any more. */
export const STILL = 0.05;

/** A rig resolved once into SI: everything the physics needs, frozen. */
export interface Setup {
  readonly rig: Rig;
  readonly alloy: Alloy;
  readonly foam: Foam;
  readonly rho20: number;
  readonly area: number;
  readonly diameter: number;
  readonly strand: number;
  readonly length: number;
  readonly width: number;
  readonly room: Surroundings;
  readonly still: Surroundings;
  readonly melt: Melt | null;
  readonly stress10: number;
  readonly drive: Drive;
  readonly reserve: number;
  readonly feed: number | null;
}

/** Resolves a parsed rig. Pure; the rig is not changed. */
export function setUp(rig: Rig): Setup {
  const alloy = ALLOYS[rig.wire.alloy];
  const foam = FOAMS[rig.foam.kind];
  const strand = rig.wire.diameterMm / 1000;
  const area = metalArea(strand, rig.wire.strands);
  const hung = rig.wire.lengthMm / 1000;
  const length = rig.control.kind === 'clip' ? (rig.control.setting ?? rig.wire.lengthMm) / 1000 : hung;
  const airC = rig.room.airC;
  const rho20 =
    rig.wire.measuredOhm === null
      ? alloy.rho20
      : measuredResistivity(rig.wire.measuredOhm, area, hung, alloy.ct, airC);
  const diameter = envelopeDiameter(strand, rig.wire.strands);
  const room: Surroundings = Object.freeze({
    diameter,
    length,
    emissivity: alloy.emissivity,
    upright: rig.wire.lie === 'vertical',
    airC,
    draught: rig.room.draughtMS,
  });
  const density = rig.foam.densityKgM3;
  return Object.freeze({
    rig,
    alloy,
    foam,
    rho20,
    area,
    diameter,
    strand,
    length,
    width: Math.min(rig.foam.widthMm / 1000, length),
    room,
    still: rig.room.draughtMS === STILL ? room : Object.freeze({ ...room, draught: STILL }),
    melt: foam.heat && foam.verdict !== 'refuse' ? melt(foam.heat, density, rig.foam.tuning, airC) : null,
    stress10: foam.heat ? interpolateLinear(foam.heat.stress10, density) : 0,
    drive: driveOf(rig),
    reserve: reserveOf(rig),
    feed: rig.cut.feedMmS === null ? null : rig.cut.feedMmS / 1000,
  });
}

/** Ohms a metre of this rig's wire at tempC. */
export function ohmPerMetre(s: Setup, tempC: number): number {
  return resistancePerMetre(s.rho20, s.alloy.ct, s.area, tempC);
}

/** Ohms of the whole of this rig's wire at tempC. */
export const ohmAt = (s: Setup, tempC: number): number => ohmPerMetre(s, tempC) * s.length;

/** Heat in W that `amps` make in a metre of this rig's wire at tempC. */
export const heatMade = (s: Setup, amps: number, tempC: number): number => amps * amps * ohmPerMetre(s, tempC);

/** Heat capacity of a metre of this rig's wire, J/(m·K). */
export const heatCapacityPerMetre = (s: Pick<Setup, 'alloy' | 'area'>): number =>
  s.alloy.density * s.area * s.alloy.heatCapacity;

/** Ohms of the whole wire with its ends in air at airC and its middle in foam at foamC. */
export function cuttingResistance(s: Setup, airC: number, foamC: number): number {
  return ohmPerMetre(s, airC) * (s.length - s.width) + ohmPerMetre(s, foamC) * s.width;
}
