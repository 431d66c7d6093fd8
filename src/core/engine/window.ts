import type { OperatingPointSolver } from './states';
import type { CutState } from './cutState';

/** The clean-cut window of a rig at its setting, each bound with the circuit solved at that feed. */
export interface Window {
  /** Kerf as wide as the wire; faster, it pushes on solid foam. */
  readonly fastest: CutState | null;
  /** A millimetre melted back on each side. */
  readonly meltBack: CutState | null;
  /** The wire in the foam reaches the fume limit; null where it never does. */
  readonly fume: CutState | null;
  /** The larger of the two slow bounds, m/s. */
  readonly slowest: number | null;
}

/** Widest clean kerf over the wire's diameter, m: a millimetre a side. Ours, no source. */
export const MELT_BACK = 0.002;

/** Over this share of the max feed beads begin to catch: a cut is on the edge. PHYSICS section 3. */
export const EDGE = 0.9;

/** Feeds under this, m/s (a millimetre in eleven days), count as too cold to cut. Ours. */
const CRAWL = 1e-9;

/** The window of a wire that cuts nothing. */
export const NO_WINDOW: Window = Object.freeze({ fastest: null, meltBack: null, fume: null, slowest: null });

/** Fastest and min clean feed of one rig; null where the wire is too cold, or the foam has no figures. */
export function windowOf(states: OperatingPointSolver): Window {
  const d = states.s.diameter;
  const fastest = states.atWidth(d);
  if (!fastest || !(fastest.feed > CRAWL)) return NO_WINDOW;
  const meltBack = states.atWidth(d + MELT_BACK);
  const fume = states.atFume();
  const slowest = meltBack ? Math.max(meltBack.feed, fume?.feed ?? 0) : null;
  return { fastest, meltBack, fume, slowest };
}

/** Feed in m/s to advise: reserve × fastest, never under the geometric mean of the window. */
export function advisedFeed(w: Window, reserve: number): number | null {
  if (!w.fastest || w.slowest === null) return null;
  return Math.max(reserve * w.fastest.feed, Math.sqrt(w.slowest * w.fastest.feed));
}
