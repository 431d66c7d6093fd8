import type { Supply } from '../documents/supply';
import { cellsFor, labelVolts, openVolts, type Chemistry } from '../physics/circuit/battery';

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

/** No-load volts of a battery at its charge. */
export const noLoadVolts = (b: Battery): number => openVolts(b.chemistry, b.cells, b.charge);

/** Whether whole cells of a chemistry give a label of `volts`. */
export const fitsLabel = (chemistry: Chemistry, volts: number): boolean =>
  Math.abs(labelVolts(chemistry, cellsFor(chemistry, volts)) / volts - 1) < FITS;
