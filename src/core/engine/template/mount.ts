import type { Plan } from '../../documents/plan';
import { twistOf } from '../../physics/shape/place';
import type { Pt } from '../../numeric/polyline';
import type { BlankPlan } from './blank';
import type { End, NominalSection } from './nominalSection';

/** Where the template of one end goes on its face, mm: heights over the bench, distances from the front face of the block. */
export interface Mount {
  readonly end: End;
  readonly noseHeightMm: number;
  readonly tailHeightMm: number;
  readonly noseFromFrontMm: number;
  readonly tailFromFrontMm: number;
  readonly chordMm: number;
  /** How near each height must be held, mm. */
  readonly toleranceMm: number;
}
/** What was measured after pinning: heights over the bench and the nose from the front face. */
export interface MountFound {
  readonly noseHeightMm: number;
  readonly tailHeightMm: number;
  readonly noseFromFrontMm: number;
}
/** What a found mounting would cut beside what is wanted: degrees of twist, mm up and along. */
export interface MountOff {
  readonly twistDeg: number;
  readonly upMm: number;
  readonly alongMm: number;
}

/** How high the level that sections are laid out from stands over the block's lower face, mm: their box is in the middle of its height. */
export function levelOver(plan: Plan, blank: BlankPlan): number {
  return (plan.blank ?? blank.smallest).heightMm / 2 - (blank.box.y0 + blank.box.y1) / 2;
}

/** A mounting sheet: the block on the bench, the section's box in the middle of its height and after its front margin. */
export function mountOf(plan: Plan, blank: BlankPlan, w: NominalSection): Mount {
  const margin = plan.blank?.marginMm ?? 15;
  const up = levelOver(plan, blank);
  const nose: Pt = w.lay([w.top[0]!])[0]!;
  const end = w.top[w.top.length - 1]!;
  const low = w.bottom[w.bottom.length - 1]!;
  const tail: Pt = w.lay([[Math.max(end[0], low[0]), (end[1] + low[1]) / 2]])[0]!;
  return {
    end: w.end,
    noseHeightMm: nose[1] + up,
    tailHeightMm: tail[1] + up,
    noseFromFrontMm: nose[0] - blank.box.x0 + margin,
    tailFromFrontMm: tail[0] - blank.box.x0 + margin,
    chordMm: Math.hypot(tail[0] - nose[0], tail[1] - nose[1]),
    toleranceMm: plan.toleranceMm / 2,
  };
}

/** What a template that was pinned as found would cut. */
export function mountOff(want: Mount, found: MountFound): MountOff {
  return {
    twistDeg:
      twistOf(want.chordMm, found.noseHeightMm, found.tailHeightMm) -
      twistOf(want.chordMm, want.noseHeightMm, want.tailHeightMm),
    upMm: (found.noseHeightMm + found.tailHeightMm - want.noseHeightMm - want.tailHeightMm) / 2,
    alongMm: found.noseFromFrontMm - want.noseFromFrontMm,
  };
}

/** Skew of the core between two mountings: what the tip is off beside the root. */
export function skewOf(root: MountOff, tip: MountOff): MountOff {
  return {
    twistDeg: tip.twistDeg - root.twistDeg,
    upMm: tip.upMm - root.upMm,
    alongMm: tip.alongMm - root.alongMm,
  };
}
