import { Clipper, EndType, FillRule, JoinType } from 'clipper2-ts';
import { CoreFault } from '../../numeric/fault';
import { signedArea, type Pt } from '../../numeric/polyline';
import { clipped, toPath } from './clip';

/** Decimals that the offset keeps, and how far its round corners may lie from a true arc, in the unit of the points. */
const DECIMALS = 5;
const ARC = 0.001;

/** The largest of several loops, counter-clockwise or clockwise as `like`. */
function largest(loops: readonly Pt[][], like: readonly Pt[]): Pt[] {
  const best = loops.reduce<Pt[]>((a, b) => (Math.abs(signedArea(b)) > Math.abs(signedArea(a)) ? b : a), []);
  return best.length > 0 && signedArea(best) * signedArea(like) < 0 ? best.reverse() : best;
}

/**
 * A closed outline grown by g (under 0: shrunk), in the unit of its points (the arc's tolerance is made for millimetres). Outside
 * corners come out round with radius g, inside corners sharp, as a wire that rides on the outline leaves them. Of what falls apart
 * the largest piece is kept. Throws where nothing is left. Offset by the package clipper2-ts (polygon clipping after Vatti).
 */
export function grow(loop: readonly Pt[], g: number): Pt[] {
  if (Math.abs(g) < 1e-6) return [...loop];
  const turned = signedArea(loop) < 0 ? [...loop].reverse() : loop;
  const kept = largest(
    clipped('section', () =>
      Clipper.inflatePathsD([toPath(turned)], g, JoinType.Round, EndType.Polygon, 2, DECIMALS, ARC),
    ),
    loop,
  );
  if (kept.length < 3) throw new CoreFault('range', 'growMm', 'takes the whole section away');
  return kept;
}

/**
 * The outline as a round tool of radius r on its outside can leave it: grown, then shrunk. An inside corner comes back with radius r.
 */
export function leavable(loop: readonly Pt[], r: number): Pt[] {
  return grow(grow(loop, r), -r);
}

/** A loop less another: a spar slot taken out of a section. The largest piece is kept. */
export function without(loop: readonly Pt[], cut: readonly Pt[]): Pt[] {
  const kept = largest(
    clipped('section', () => Clipper.differenceD([toPath(loop)], [toPath(cut)], FillRule.NonZero, DECIMALS)),
    loop,
  );
  if (kept.length < 3) throw new CoreFault('range', 'slots', 'takes the whole section away');
  return kept;
}

/** Area that a loop has and another has not. */
export function areaBeyond(loop: readonly Pt[], other: readonly Pt[]): number {
  const out = clipped('section', () =>
    Clipper.differenceD([toPath(loop)], [toPath(other)], FillRule.NonZero, DECIMALS),
  );
  return Math.abs(out.reduce((sum, l) => sum + signedArea(l), 0));
}
