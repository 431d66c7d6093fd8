export type Chemistry = 'lead-acid' | 'lithium-polymer' | 'lithium-iron' | 'nickel-metal' | 'alkaline';

/** Open volts of one cell, full and at the stop; ohms inside as sold (from memory, ordinary figures). */
const CELLS: Readonly<Record<Chemistry, { full: number; stop: number }>> = Object.freeze({
  'lead-acid': { full: 2.12, stop: 1.97 },
  'lithium-polymer': { full: 4.2, stop: 3.5 },
  'lithium-iron': { full: 3.35, stop: 3.0 },
  'nickel-metal': { full: 1.35, stop: 1.1 },
  alkaline: { full: 1.55, stop: 1.0 },
});

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
