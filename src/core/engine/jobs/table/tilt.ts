import type { Rig } from '../../../documents/rig';
import type { StepFigures } from '../../../documents/worksheet';
import { anchorShift, slanted } from '../../../physics/making/table';
import { reads, step, withFoam, withWire, type KnownCut } from '../work';

/** How truly a tilt is set, degrees; out of square by more shows on a joint. Ours. */
export const SQUARE_DEG = 0.25;

/** A table's rig with its wire tilted: longer between its anchors, and in more of foam of a thickness, mm. */
export const tiltedRig = (rig: Rig, tiltDeg: number, thick: number): Rig =>
  withFoam(withWire(rig, slanted(rig.wire.lengthMm, tiltDeg)), slanted(thick, tiltDeg), null);

/** How far the upper anchor has moved from upright, mm, and what of the tilted wire every worksheet tells. */
export function tiltValues(c: KnownCut, tiltDeg: number) {
  const { lengthMm } = c.rig.wire;
  return {
    anchorShiftMm: anchorShift(lengthMm / slanted(1, tiltDeg), tiltDeg),
    wireMm: lengthMm,
    foamAlongWireMm: c.rig.foam.widthMm,
  };
}

/** The step that sets a tilt towards what the foam is led by; none where the wire stands upright. */
export function tiltSteps(c: KnownCut, tiltDeg: number, to: 'fence' | 'pin'): StepFigures[] {
  if (tiltDeg === 0) return [];
  const { anchorShiftMm, wireMm } = tiltValues(c, tiltDeg);
  return [step('set-tilt', { shiftMm: anchorShiftMm, tiltDeg, wireMm, to }, reads(tiltDeg, 'deg', SQUARE_DEG))];
}
