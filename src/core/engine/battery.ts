import { SMALL, SMALL_BATTERIES, type SmallBattery } from '../catalog/smallBatteries';
import type { Supply } from '../documents/supply';
import { cellsFor, labelVolts, type Chemistry } from '../physics/circuit/battery';

import type { Evaluation } from './evaluation';
import { ohmAt } from './setup';

export { cellsFor, labelVolts, type Chemistry };
type Battery = NonNullable<Supply['battery']>;
/** What of a supply follows from its battery. */
type OfBattery = { readonly volts: number; readonly battery: Battery };

/** A label within this share of what its cells give is a label of that chemistry. Ours. */
const FITS = 0.005;

/** The label's voltage and the cells are one fact: a voltage gives the cells that come nearest to it. */
export const batteryOfVolts = (battery: Battery, volts: number): OfBattery => ({
  volts,
  battery: { ...battery, cells: cellsFor(battery.chemistry, volts) },
});

/** The same from the cells, or from another chemistry: the label's voltage follows. */
export const batteryOfCells = (battery: Battery): OfBattery => ({
  volts: labelVolts(battery.chemistry, battery.cells),
  battery,
});

/** Another chemistry for a label of `volts`: the cells nearest to it, and what they then give. */
export const batteryOfChemistry = (battery: Battery, chemistry: Chemistry, volts: number): OfBattery =>
  batteryOfCells({ ...battery, chemistry, cells: cellsFor(chemistry, volts) });

/** Whether whole cells of a chemistry give a label of `volts`. */
export const fitsLabel = (chemistry: Chemistry, volts: number): boolean =>
  Math.abs(labelVolts(chemistry, cellsFor(chemistry, volts)) / volts - 1) < FITS;

/** Small batteries together: so many in a row, and so many rows side by side. */
export interface BatterySet {
  readonly kind: SmallBattery;
  readonly inSeries: number;
  readonly inParallel: number;
}
const digits = (x: number) => Number(x.toPrecision(4));

/** A set as a supply: in series volts and ohms add, in parallel amp-hours do and ohms are shared. Fresh. */
export function supplyOfSet({ kind, inSeries, inParallel }: BatterySet) {
  const b = SMALL[kind];
  return {
    volts: labelVolts(b.chemistry, b.cells * inSeries),
    internalOhm: digits((b.ohm * inSeries) / inParallel),
    battery: {
      chemistry: b.chemistry,
      cells: b.cells * inSeries,
      ampHours: digits(b.ampHours * inParallel),
      charge: 1,
    },
  };
}

/** The set that a supply is, or null where it is none. */
export function setOfSupply(supply: Pick<Supply, 'internalOhm' | 'battery'>): BatterySet | null {
  const b = supply.battery;
  if (!b) return null;
  for (const kind of SMALL_BATTERIES) {
    const of = SMALL[kind];
    const inSeries = b.cells / of.cells;
    const inParallel = Math.round(b.ampHours / of.ampHours);
    if (of.chemistry !== b.chemistry || !Number.isInteger(inSeries) || inParallel < 1) continue;
    const set = supplyOfSet({ kind, inSeries, inParallel });
    if (set.internalOhm === supply.internalOhm && set.battery.ampHours === b.ampHours)
      return { kind, inSeries, inParallel };
  }
  return null;
}

/** Volts of a battery as it stands open and while the rig draws on it, cutting where it cuts; null for other supplies. Pulses: while one flows. */
export function loadedVolts(e: Evaluation): { readonly open: number; readonly loaded: number } | null {
  const { drive, rig, room } = e.s;
  if (!rig.supply.battery || e.off) return null;
  const { openVolts: open, internalOhm } = drive;
  const amps = e.cut?.amps ?? e.idle.amps;
  const drawn = drive.pulsed
    ? open / (drive.restOhm + ohmAt(e.s, e.cut?.airC ?? room.airC))
    : drive.kind === 'buck'
      ? (drive.volts * amps) / (rig.control.efficiency * open)
      : amps;
  return { open, loaded: open - drawn * internalOhm };
}
