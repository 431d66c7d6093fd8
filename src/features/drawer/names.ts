import type { ControlKind } from '@/core/documents/control';
import type { SupplyKind } from '@/core/documents/supply';

export const SUPPLY_WORDS: Record<SupplyKind, string> = {
  bench: 'Bench supply',
  brick: 'Brick',
  'computer-supply': 'Computer supply',
  battery: 'Battery',
  transformer: 'Transformer',
  charger: 'Battery charger',
  other: 'Something else',
};

export const CONTROL_WORDS: Record<ControlKind, string> = {
  none: 'no dial',
  volts: 'voltage held',
  amps: 'current held',
  pwm: 'pulse-width dimmer',
  phase: 'dimmer ahead of a transformer',
  scale: 'variac or tap',
  buck: 'buck converter',
  clip: 'clip slid along the wire',
  'hold-ohm': 'resistance held',
};
