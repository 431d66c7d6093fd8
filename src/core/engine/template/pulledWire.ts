import type { Pulled } from '../../physics/tension/pulled';
import type { Evaluation } from '../evaluation';

/** The wire over the span of a plan's foam as something pulled. */
export function pulledOf(e: Evaluation): Pulled {
  return { stress10: e.s.stress10, diameter: e.s.diameter, width: e.s.width };
}
