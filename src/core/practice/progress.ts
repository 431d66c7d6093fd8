import { DRILLS, type Drill, type PracticeRunRecord } from '../documents/practice';

/** How a drill went on. */
export interface DrillProgress {
  readonly drill: Drill;
  readonly best: number;
  /** Points of the last runs, the oldest first. */
  readonly points: readonly number[];
}

/** Runs that are drawn of a drill. */
const LAST = 20;

/** Runs, the newest first, by drill in rising order; drills that were never led are left out. */
export function progressOf(runs: readonly Pick<PracticeRunRecord, 'drill' | 'score'>[]): DrillProgress[] {
  return DRILLS.flatMap((drill) => {
    const points = runs.filter((r) => r.drill === drill).map((r) => r.score.points);
    return points.length === 0
      ? []
      : [{ drill, best: Math.max(...points), points: points.slice(0, LAST).reverse() }];
  });
}
