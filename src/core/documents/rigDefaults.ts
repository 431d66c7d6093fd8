import { CUTTERS, hasPieces } from './cutters';
import type { Rig } from './rig';

/** Whether hands lead the wire or the foam: not weights, not motors. */
export function handLed(rig: Pick<Rig, 'frame'>): boolean {
  return rig.frame.kind === 'bow' || rig.frame.kind === 'table' || rig.frame.kind === 'hand-tool';
}

/** Whether a person leads or lets go the cut, so that timing and waits are a hand's; motors wait any time. */
export const timedByHand = (rig: Pick<Rig, 'frame'>): boolean => CUTTERS[rig.frame.kind].led !== 'motors';

/** Share of the max feed to cut at where none is set: half where hands lead the wire or foam, else 0.7. */
export function reserveOf(rig: Rig): number {
  if (rig.cut.reserve !== undefined) return rig.cut.reserve;
  return handLed(rig) ? 0.5 : 0.7;
}

/** Whether the wire rides on templates at the faces of the foam. */
export function guidedOf(rig: Rig): boolean {
  return rig.frame.guided ?? hasPieces(rig.frame);
}
