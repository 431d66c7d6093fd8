/** Switch ratings as sold, A. Common practice, no source. */
const SWITCHES = [3, 6, 10, 16, 20, 30];

/** The smallest switch sold that breaks half as much again as runs, A; null where none does. Common practice, no source. */
export function switchFor(runningAmps: number): number | null {
  return SWITCHES.find((a) => a >= 1.5 * runningAmps) ?? null;
}
