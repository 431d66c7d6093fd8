import type { ControlKind } from '@/core/documents/control';
import type { FrameKind, Rig } from '@/core/documents/rig';
import type { SupplyKind } from '@/core/documents/supply';

/** Words of the rig's screens that are not findings, reasons or terms; those of stages that are fetched when one is opened stand in `stageWords.ts`. */
export const FRAME_NAMES: Record<FrameKind, string> = {
  bow: 'Hand bow',
  'pulled-bow': 'Bow pulled by a weight or lever',
  'drop-bow': 'Bow falling between guides',
  table: 'Table with an upright wire',
  slicer: 'Low wire over a board',
  gantry: 'Motor-driven towers',
  'hand-tool': 'Hand tool',
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

export const TENSION_SHORT: Record<Rig['tension']['kind'], string> = {
  spring: 'spring',
  weight: 'weight',
  flex: 'springy frame',
  rubber: 'rubber',
  fixed: 'no give',
};

export const CAUTIONS = {
  fumes: 'Open air. Never PVC, polyurethane or a foam nobody can name.',
  whip: 'Glasses, sleeves, glove: a wire whips when it breaks.',
  fire: 'Nothing flammable about, an extinguisher in reach, never left hot.',
  shock: 'Isolated extra-low voltage only; the mains side by local code, by a licensed person.',
} as const;

export const CAUTIONS_SHORT =
  'Open air. Glasses, sleeves, glove. Nothing flammable about. A hand near the switch, and never left hot.';
