import { ballast, BOARD_FRICTION, hangAt, pullFor, shareForPull } from '../physics/tension/pulled';
import type { Evaluation } from './evaluation';

export { BOARD_FRICTION };

/** What a wire that weights pull or that falls needs along its feed; newtons. Null where nothing cuts. */
export interface Balance {
  /** Drag of the wire at its feed. */
  readonly dragN: number;
  /** Drag and what the guides take. */
  readonly needN: number;
  /** Feed in mm/s at which a pull in N runs; null where it runs away. */
  readonly feedAt: (pullN: number) => number | null;
  /** Mass on the board, N, that holds the foam still. */
  readonly ballastN: number;
  readonly maxFeedMmS: number;
}

/** The balance of an evaluated rig; `guideN`: what its guides take, N. */
export function balanceOf(e: Evaluation, guideN: number): Balance | null {
  const wire = { stress10: e.s.stress10, diameter: e.s.diameter, width: e.s.width };
  const fastest = e.window.fastest?.feed;
  if (!fastest || e.reserve === null || e.tension.drag === null) return null;
  // A lag that was seen scales the drag.
  const plain = pullFor(wire, e.reserve);
  const dragN = e.tension.drag * e.s.width;
  const scale = plain > 0 ? dragN / plain : 1;
  const needN = dragN + guideN;
  return {
    dragN,
    needN,
    feedAt: (pullN) => {
      const share = shareForPull(wire, Math.max(0, pullN - guideN) / scale);
      return share === null ? null : share * fastest * 1000;
    },
    ballastN: ballast(2 * needN, 0),
    maxFeedMmS: fastest * 1000,
  };
}

/**
 * What to hang against a falling bow of `bowN` newtons, or (under 0) what it lacks, N; and where its cord goes so that both ends
 * fall together, m off the bow's middle, with the foam's middle `offM` off it. Null where nothing is hung.
 */
export function counterFor(b: Balance, bowN: number, offM: number): { counterN: number; atM: number | null } {
  const counterN = bowN - b.needN;
  return { counterN, atM: counterN > 0 ? hangAt(bowN, 0, b.dragN, offM, counterN) : null };
}
