import { rootIncreasing } from '../../../numeric/root';
import { loopBend, HOT_MODULUS } from '../../../physics/making/loop';
import { pullFor, shareForPull } from '../../../physics/tension/pulled';
import { tensileStrength } from '../../../physics/wire/strength';
import { tidy } from '../../findings/draft';
import type { KnownCut } from '../work';

/** Share of the hot yield that a loop's foot may be bent to. MACHINES.md section 4. */
const STRESS_SHARE = 0.5;

/** How a loop bends under its drag, and what would hold it within its tolerance, m and Pa unless said. */
export interface Stiff {
  readonly tip: number;
  readonly stress: number;
  readonly allowed: number;
  /** Within the tolerance and the allowed stress. */
  readonly holds: boolean;
  /** The fastest feed at which it holds, mm/s; null where that is under the min clean feed. */
  readonly feedMmS: number | null;
  /** The thinnest wire of the same shape that holds at the same share of its max feed, mm. */
  readonly wireMm: number;
  /** The deepest cut in which it holds at this feed, mm. */
  readonly stepMm: number;
}

/** Legs and foot in m, tolerance in m. Drag goes with the diameter, so that the tip goes with 1/d³ and the stress with 1/d². */
export function stiffOf(c: KnownCut, legs: number, foot: number, tolerance: number): Stiff {
  const { s, idle, window } = c.e;
  const drag = c.drag ?? 0;
  const youngs = HOT_MODULUS * s.alloy.youngs;
  const allowed = STRESS_SHARE * s.alloy.yieldFraction * tensileStrength(s.alloy, s.strand, idle.airC);
  const over = (legsM: number, q: number) => {
    const b = loopBend(q, legsM, foot, s.diameter, youngs);
    return Math.max(b.tip / tolerance, b.stress / allowed);
  };
  const bend = loopBend(drag, legs, foot, s.diameter, youngs);
  const much = over(legs, drag);
  const pulled = { stress10: s.stress10, diameter: s.diameter, width: 1 };
  // Bend goes with the drag, and the drag rises with the share of the max feed.
  const fastest = c.fastest ?? c.feed;
  const share = much > 0 ? shareForPull(pulled, pullFor(pulled, c.feed / fastest) / much) : null;
  const slower = share === null ? null : tidy(share * fastest, 2, 'down');
  return {
    ...bend,
    allowed,
    holds: much <= 1,
    feedMmS: slower !== null && window.slowest !== null && slower >= window.slowest * 1000 ? slower : null,
    wireMm: s.diameter * 1000 * Math.max(Math.cbrt(bend.tip / tolerance), Math.sqrt(bend.stress / allowed), 1),
    stepMm: rootIncreasing((h) => over(h, drag) - 1, 0, legs, legs / 2, legs * 1e-6).x * 1000,
  };
}
