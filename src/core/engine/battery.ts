/** What screens ask of batteries: cells that a label's voltage means, and the reverse; the voltage at a charge. */
export { cellsFor, labelVolts, openVolts, type Chemistry } from '../physics/circuit/battery';
