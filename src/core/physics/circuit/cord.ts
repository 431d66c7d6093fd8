/** Copper area in mm² of an American gauge as listed, and its rated amps. */
const CORD: readonly (readonly [gauge: number, areaMm2: number, amps: number])[] = [
  [22, 0.326, 3],
  [20, 0.519, 5],
  [18, 0.823, 7],
  [16, 1.31, 10],
  [14, 2.08, 15],
  [12, 3.31, 20],
];
/** Leads are sold to a nominal area: two in a hundred less still counts as that size. */
const NOMINAL = 0.98;

/**
 * Rated amps of a lead of `areaMm2`: of the next listed size not thicker than it. Gauges 18–12 flexible cord, NEC table
 * 400.5, three-conductor column; 22 and 20 hook-up wire, common practice. Thinner than 22 gauge: in proportion, ours.
 */
export function cordAmps(areaMm2: number): number {
  let amps = (3 * areaMm2) / CORD[0]![1];
  for (const [, area, rated] of CORD) if (areaMm2 >= NOMINAL * area) amps = rated;
  return amps;
}

/** The thinnest listed area in mm² that carries `amps`; null where none does. */
export function cordFor(amps: number): number | null {
  return CORD.find(([, , rated]) => rated >= amps)?.[1] ?? null;
}
