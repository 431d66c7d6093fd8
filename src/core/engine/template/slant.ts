import type { Plan } from '../../documents/plan';
import { boxOf } from '../../numeric/polyline';
import type { NominalSection } from './nominalSection';

/** How the wire lies across a swept piece: degrees from the normal of the faces, and 1/cos of them. */
export interface Slant {
  readonly deg: number;
  readonly stretch: number;
}

/** Under this, degrees, a wire counts as square to the faces: 1/cos is within 0.06 %. Ours. */
const SQUARE_DEG = 2;

/**
 * The mean slant of the wire over a piece, from the middles of its ends. Along the feed in the plane of a face the kerf is w/cos Λ,
 * and the foam in the wire's way (with it the pull) is wider by as much.
 */
export function slantOf(plan: Plan, root: NominalSection, tip: NominalSection): Slant {
  const middle = (w: NominalSection) => {
    const b = boxOf(w.lay(w.loop));
    return (b.x0 + b.x1) / 2;
  };
  return slantBy(middle(tip) - middle(root), plan.piece.spanMm);
}

/** The slant of a wire whose ends stand so far apart along the feed, over a distance across it. */
export function slantBy(along: number, across: number): Slant {
  const angle = Math.atan(Math.abs(along) / across);
  const deg = (angle * 180) / Math.PI;
  return deg < SQUARE_DEG ? { deg: 0, stretch: 1 } : { deg, stretch: 1 / Math.cos(angle) };
}
