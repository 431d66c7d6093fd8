import { SETTING_LIMITS, type ControlKind } from '../documents/controlKinds';
import type { Rig } from '../documents/rig';
import { handLed } from '../documents/rigDefaults';
import type { Patch } from './findings/draft';
import type { Evaluation } from './evaluation';

/** More wire than this many times what the frame takes now, or than this, mm, is another cutter. Ours. */
const MORE_WIRE = 1.5;
const LONGEST_MM = 4000;
/** Room that a frame built for the foam has beyond it, mm. */
const ROOM_MM = 120;
/** No hand leads a cut faster, mm/s. Common practice, no source. */
export const HAND_MAX_FEED = 15;

/** Whether a hand still has a feed that it can lead. */
export function worthLeading(e: Evaluation, near: Evaluation): boolean {
  if (!handLed(e.s.rig) || e.feed === null) return true;
  return e.feed * 1000 <= Math.max(HAND_MAX_FEED, (near.feed ?? 0) * 1000) * (1 + 1e-9);
}

/** Whether a cutter of the changed sizes can be built. */
export function buildable(rig: Rig, patch: Patch): boolean {
  const mm = (patch['wire'] as { lengthMm?: number } | undefined)?.lengthMm;
  if (mm === undefined || mm <= rig.wire.lengthMm) return true;
  return mm <= Math.min(LONGEST_MM, MORE_WIRE * Math.max(rig.wire.lengthMm, rig.foam.widthMm + ROOM_MM));
}

/** Whether a patch names nothing but a fuse or a switch. */
export function guardOnly(patch: Patch): boolean {
  return Object.entries(patch).every(([group, part]) => group === 'leads' && guards(part as object));
}

const guards = (leads: object) => Object.keys(leads).every((k) => k === 'fuseA' || k === 'switchA');

/** Whether a patch names only fuse, switch, how the wire is held and the frame's material. A test holds it to the plain way. */
export function coldPatch(patch: Patch): boolean {
  return Object.entries(patch).every(
    ([group, part]) =>
      (group === 'leads' && guards(part as object)) ||
      group === 'tension' ||
      (group === 'frame' && Object.keys(part as object).every((k) => k === 'material')),
  );
}

/** The schema's limits of the values that fixes may change; the whole schema is checked by a test. */
export function legal(rig: Rig, patch: Patch): boolean {
  const { control, wire, cut, tension } = patch as {
    [K in 'control' | 'wire' | 'cut' | 'tension']?: Record<string, number | null>;
  };
  const within = (x: number | null | undefined, lo: number, hi: number) => x == null || (x >= lo && x <= hi);
  const dial = SETTING_LIMITS[(control?.['kind'] as unknown as ControlKind | undefined) ?? rig.control.kind];
  return (
    (control?.['setting'] === undefined ||
      control['setting'] === null ||
      (dial !== null && within(control['setting'], dial[0], dial[1]))) &&
    within(wire?.['lengthMm'], 1, 20000) &&
    within(wire?.['diameterMm'], 0.02, 5) &&
    within(cut?.['feedMmS'], 0.01, handLed(rig) ? HAND_MAX_FEED : 1000) &&
    within(tension?.['setN'], 0, 5000)
  );
}
