export type Chemistry = 'lead-acid' | 'lithium-polymer' | 'lithium-iron' | 'nickel-metal' | 'alkaline';

/** Open volts of one cell, full, at the stop, and as its label counts it (from memory, ordinary figures). */
const CELLS: Readonly<Record<Chemistry, { full: number; stop: number; label: number }>> = Object.freeze({
  'lead-acid': { full: 2.12, stop: 1.97, label: 2 },
  'lithium-polymer': { full: 4.2, stop: 3.5, label: 3.7 },
  'lithium-iron': { full: 3.35, stop: 3.0, label: 3.2 },
  'nickel-metal': { full: 1.35, stop: 1.1, label: 1.2 },
  alkaline: { full: 1.55, stop: 1.0, label: 1.5 },
});

/** A label this share off every charge of its cells is another battery's. Ours. */
const LABEL_OFF = 0.15;

/** Cells of a battery whose label says so many volts: 14.8 V of lithium-polymer are four. At least one. */
export function cellsFor(chemistry: Chemistry, volts: number): number {
  return Math.min(200, Math.max(1, Math.round(volts / CELLS[chemistry].label)));
}

/** Volts on the label of so many cells. */
export function labelVolts(chemistry: Chemistry, cells: number): number {
  return Number((cells * CELLS[chemistry].label).toPrecision(4));
}

/** Whether volts can be these cells' at some charge, within 15 %. */
export function couldBe(chemistry: Chemistry, cells: number, volts: number): boolean {
  const { full, stop } = CELLS[chemistry];
  return volts >= cells * stop * (1 - LABEL_OFF) && volts <= cells * full * (1 + LABEL_OFF);
}

/** Open volts of a battery: cells × (stop + charge·(full − stop)), straight in charge 0–1. Cell volts from memory. */
export function openVolts(chemistry: Chemistry, cells: number, charge: number): number {
  const { full, stop } = CELLS[chemistry];
  return cells * (stop + charge * (full - stop));
}

/**
 * Ohms inside a battery where they were not measured: 0.025 for six lead cells of 7 Ah, falling with size;
 * lithium 0.005, nickel-metal 0.03, alkaline 0.2 a cell. Ordinary figures, from memory.
 */
export function insideOhm(chemistry: Chemistry, cells: number, ampHours: number): number {
  if (chemistry === 'lead-acid') return (0.025 * cells * 7) / (6 * ampHours);
  if (chemistry === 'nickel-metal') return 0.03 * cells;
  if (chemistry === 'alkaline') return 0.2 * cells;
  return 0.005 * cells;
}
