import type { AlloyId } from '@/core/catalog/alloys';
import type { FrameKind, Rig } from '@/core/documents/rig';

/** Words of the stages Cutter, Wire and Tension. */
export const FRAME_HELP: Record<FrameKind, string> = {
  bow: 'One or two people lead it along templates.',
  'pulled-bow': 'A weight, lever or swing arm pulls it through.',
  'drop-bow': 'It sinks under its own weight between guides.',
  table: 'The foam is pushed past the wire along a fence.',
  slicer: 'For thin sheet off a block.',
  gantry: 'Motors lead both ends.',
  'hand-tool': 'A short wire on a handle.',
};

export const MATERIAL_NAMES: Record<Rig['frame']['material'], string> = {
  wood: 'Wood',
  plastic: 'Plastic',
  metal: 'Metal, bare',
  'metal-insulated': 'Metal, wire insulated from it',
};

export const TENSION_NAMES: Record<Rig['tension']['kind'], string> = {
  spring: 'Spring',
  weight: 'Hung weight',
  flex: 'Springy frame',
  rubber: 'Rubber band',
  fixed: 'Screw, no give',
};

export const ALLOY_GROUPS: Record<AlloyId, string> = {
  'nicr-80': 'Resistance wire',
  'nicr-60': 'Resistance wire',
  'fecral-145': 'Resistance wire',
  'fecral-135': 'Resistance wire',
  n07041: 'Resistance wire',
  'cuni-44': 'Resistance wire',
  'ss-304': 'Stainless',
  'ss-304-hard': 'Stainless',
  'steel-music': 'Others, at a pinch',
  'steel-soft': 'Others, at a pinch',
  'ti-2': 'Others, at a pinch',
};
