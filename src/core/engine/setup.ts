import { ALLOYS, type Alloy } from '../catalog/alloys';
import { FOAMS, type Foam } from '../catalog/foams';
import type { Rig } from '../documents/rig';
import { reserveOf } from '../documents/rigDefaults';
import { interpolateLinear } from '../numeric/table';
import { openVolts, insideOhm } from '../physics/circuit/battery';
import { leadOhm } from '../physics/circuit/leads';
import { phasePeak, phaseShare } from '../physics/circuit/phase';
import { melt, type Melt } from '../physics/foam/melt';
import type { Surroundings } from '../physics/heat/loss';
import { metalArea } from '../physics/wire/area';
import { envelopeDiameter } from '../physics/wire/envelope';
import { measuredResistivity } from '../physics/wire/measuredResistivity';
import { resistancePerMetre } from '../physics/wire/resistance';

/** A closed room counts as this draught, m/s: the kerf shelters the wire from any more. */
export const STILL = 0.05;

/** What drives the loop: an rms source of `volts` through `restOhm`, held under `limitAmps` rms. */
export interface Drive {
  readonly volts: number;
  readonly limitAmps: number;
  /** The amps the control was told to hold; null where it holds none. */
  readonly heldAmps: number | null;
  readonly restOhm: number;
  readonly internalOhm: number;
  readonly leadOhm: number;
  /** Volts of the source as it stands open, before the control. */
  readonly openVolts: number;
  readonly kind: Rig['control']['kind'];
  readonly setting: number | null;
  /** Ohms of the hot wire that a controller holds by its pulses; null where it holds none. */
  readonly heldOhm: number | null;
  /** Peak amps over rms amps where the wire's ohms do not matter; pulses are reckoned apart. */
  readonly peak: number;
  readonly pulsed: boolean;
  /** Most amps the supply gives; null where neither stated nor known from its rating. */
  readonly maxAmps: number | null;
}

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

/** A buck converter gives at least this much less than it gets, V. Common practice, no source. */
export const BUCK_DROP = 1;

function driveOf(rig: Rig): Drive {
  const { supply, control, leads } = rig;
  const b = supply.battery;
  const open = b ? openVolts(b.chemistry, b.cells, b.charge) : supply.volts;
  const inside =
    b && supply.internalOhm === 0 ? insideOhm(b.chemistry, b.cells, b.ampHours) : supply.internalOhm;
  const copper = leadOhm(leads.lengthMm / 1000, leads.areaMm2 * 1e-6);
  const outside = copper + leads.contactOhm + leads.seriesOhm;
  const setting = control.setting;
  const holds = control.kind === 'hold-ohm';
  const pulsed = control.kind === 'pwm' || holds;
  const share =
    control.kind === 'phase'
      ? phaseShare(setting ?? 0)
      : control.kind === 'scale'
        ? (setting ?? 1)
        : control.kind === 'pwm'
          ? Math.sqrt(setting ?? 1)
          : 1;
  const buck = control.kind === 'buck';
  const volts =
    control.kind === 'volts'
      ? Math.min(setting ?? open, open)
      : buck
        ? Math.max(0, Math.min(setting ?? 0, open - BUCK_DROP))
        : open * share;
  const heldAmps = control.kind === 'amps' ? setting : null;
  const maxAmps =
    supply.maxAmps ?? (supply.ratedVA !== undefined ? supply.ratedVA / (1.25 * supply.volts) : null);
  const cap =
    supply.kind === 'bench' && maxAmps !== null && !buck
      ? maxAmps * (control.kind === 'pwm' ? Math.sqrt(setting ?? 1) : 1)
      : Infinity;
  const onAc = supply.current === 'ac';
  const fullShare = control.kind === 'phase' ? Math.max(1e-9, share) : 1;
  return Object.freeze({
    volts,
    limitAmps: Math.min(cap, heldAmps ?? Infinity),
    heldAmps,
    restOhm: (buck ? 0 : inside) + outside,
    internalOhm: inside,
    leadOhm: outside,
    openVolts: open,
    kind: control.kind,
    setting,
    heldOhm: holds ? setting : null,
    peak: control.kind === 'phase' ? phasePeak(setting ?? 0) / fullShare : onAc ? Math.SQRT2 : 1,
    pulsed,
    maxAmps,
  });
}
