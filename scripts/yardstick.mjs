/** Milliseconds that the fixed sum takes on the reference machine (two processors of 2.5 GHz) when it is quiet. */
const QUIET_MS = 60;

/** Milliseconds of a fixed sum, by which times of the same run are judged. It stands by itself: pages and threads are given it as text. */
export function fixedSum() {
  const start = performance.now();
  let x = 0;
  for (let i = 0; i < 3e7; i++) x += Math.sqrt(i ^ 5);
  return x > 0 ? performance.now() - start : 0;
}

/** The least of some runs, as text that a page or a thread works out. */
export const leastSum = (runs) => `Math.min(...Array.from({ length: ${runs} }, ${fixedSum}))`;

/** How many times longer than on the quiet machine, at least 1. @param {number} ms */
export const timesQuiet = (ms) => Math.max(1, ms / QUIET_MS);
