import type { AlloyId } from '@/core/catalog/alloys';
import type { ControlKind } from '@/core/documents/control';
import type { FrameKind, Rig } from '@/core/documents/rig';
import type { SupplyKind } from '@/core/documents/supply';

/** All words of the rig's screens that are not findings, reasons or terms. */
export const FRAME_NAMES: Record<FrameKind, string> = {
  bow: 'Hand bow',
  'pulled-bow': 'Bow pulled by a weight or lever',
  'drop-bow': 'Bow falling between guides',
  table: 'Table with an upright wire',
  slicer: 'Low wire over a board',
  gantry: 'Motor-driven towers',
  'hand-tool': 'Hand tool',
};

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

export const SUPPLY_NAMES: Record<SupplyKind, string> = {
  bench: 'Bench supply with knobs',
  brick: 'Laptop or LED brick',
  'computer-supply': 'Computer supply',
  battery: 'Battery',
  transformer: 'Transformer',
  charger: 'Battery charger',
  other: 'Something else',
};

export const CONTROL_NAMES: Record<ControlKind, string> = {
  none: 'No dial',
  volts: 'Voltage held',
  amps: 'Current held',
  pwm: 'Pulse-width dimmer',
  phase: 'Dimmer ahead of a transformer',
  scale: 'Variac or winding tap',
  buck: 'Buck converter',
  clip: 'Clip slid along the wire',
  'hold-ohm': 'Resistance held',
};
export const SETTING_NAMES: Record<ControlKind, string> = {
  none: 'Setting',
  volts: 'Voltage',
  amps: 'Current',
  pwm: 'Duty',
  phase: 'Firing angle',
  scale: 'Share of full',
  buck: 'Output voltage',
  clip: 'Heated length',
  'hold-ohm': 'Resistance held',
};

export const TENSION_NAMES: Record<Rig['tension']['kind'], string> = {
  spring: 'Spring',
  weight: 'Hung weight',
  flex: 'Springy frame',
  rubber: 'Rubber band',
  fixed: 'Screw, no give',
};

export const TENSION_SHORT: Record<Rig['tension']['kind'], string> = {
  spring: 'spring',
  weight: 'weight',
  flex: 'springy frame',
  rubber: 'rubber',
  fixed: 'no give',
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

export { GRADE_HELP, GRADE_WORDS, SEEN_WORDS } from '@/core/words/cuts';

export const CAUTIONS = {
  fumes: 'Open air. Never PVC, polyurethane or a foam nobody can name.',
  whip: 'Glasses, sleeves, glove: a wire whips when it breaks.',
  fire: 'Nothing flammable about, an extinguisher in reach, never left hot.',
  shock: 'Isolated extra-low voltage only; the mains side by local code, by a licensed person.',
} as const;

export const CAUTIONS_SHORT =
  'Open air. Glasses, sleeves, glove. Nothing flammable about. A hand near the switch, and never left hot.';
