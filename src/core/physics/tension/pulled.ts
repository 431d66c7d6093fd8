import { rootIncreasing } from '../../numeric/root';
import { sharedIntegral } from '../../numeric/simpson';
import { dragPerMetre } from '../foam/drag';

/** A wire pulled through foam: 10 % stress Pa, diameter m, width of foam m. */
export interface Pulled {
  readonly stress10: number;
  readonly diameter: number;
  readonly width: number;
}

/** Shares of the max feed that are looked through: past the last everything is crushed. */
const RANGE = [0.01, 20] as const;

/** Pull in N that holds a feed of r × the fastest: F′(r)·b. Source: PHYSICS section 6, ours; good to a factor of two. */
export function pullFor(p: Pulled, r: number): number {
  return dragPerMetre(p.stress10, p.diameter, r) * p.width;
}

/**
 * Share r of the max feed at which a pull (N, guide friction already taken off) is balanced by the drag; 0 with no pull,
 * null where it is more than any feed takes: the bow runs away. F′ rises all the way, so it is inverted.
 */
export function shareForPull(p: Pulled, pull: number): number | null {
  if (!(pull > 0)) return 0;
  if (pull >= pullFor(p, RANGE[1])) return null;
  const f = (ln: number) => Math.log(Math.max(pullFor(p, Math.exp(ln)), 1e-300)) - Math.log(pull);
  return Math.exp(rootIncreasing(f, Math.log(RANGE[0]), Math.log(RANGE[1]), 0, 1e-9).x);
}

/**
 * Where a cord should take the bow so that both ends move together: the drag's middle ∫F′x dx/∫F′dx over the foam, m from its
 * first face, for shares r0 and r1 of the max feed at its two faces (linear between). Simpson, 64 strips.
 */
export function dragCentre(p: Pulled, r0: number, r1: number): number {
  const { start, end } = sharedIntegral((s) => dragPerMetre(p.stress10, p.diameter, r0 + (r1 - r0) * s), 64);
  const force = start + end;
  return force > 0 ? (end / force) * p.width : p.width / 2;
}

/**
 * Where a cord that bears `counter` N must hold a falling bow of weight `weight` N (at `weightAt`), its drag `drag` N at `dragAt`,
 * so that nothing turns it: (W·x_w − D·x_d)/C, m from the same point; null without a counterweight. Moments.
 */
export function hangAt(weight: number, weightAt: number, drag: number, dragCentreAt: number, counter: number) {
  return counter > 0 ? (weight * weightAt - drag * dragCentreAt) / counter : null;
}

/**
 * How far the hook of a freely hanging bow must go towards the root so that it hangs level, in the unit of its lengths (under 0: towards
 * the tip): the bow turns until its middle of weight stands `above` under the hook, so the shift is above × (tip − root)/span, heights
 * over the bench. Statics of a pendulum, small tilts.
 */
export function hookShift(above: number, rootHeight: number, tipHeight: number, span: number): number {
  return (above * (tipHeight - rootHeight)) / span;
}

/** Friction of foam on a board until it was tried. Common practice, no source. */
export const BOARD_FRICTION = 0.3;

/** Weight in N that keeps a block from sliding: pull along the bench over μ, plus what the wire lifts, N. Coulomb's law. */
export function ballast(pull: number, lift: number, friction = BOARD_FRICTION): number {
  return pull / friction + lift;
}
