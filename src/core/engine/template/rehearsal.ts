/** What the cold rehearsal of a drive reckons from what was measured: a clamp's radius, an anchor, a hook's shift. */
export { anchorFor, correctedRadius } from '../../physics/shape/taper';
export { hookShift } from '../../physics/tension/pulled';
