import type { Hold } from '@/core/engine/history';

export const HOLD_NAMES: Record<Hold, string> = {
  'as-it-is': 'as it is',
  volts: 'voltage held',
  amps: 'current held',
  ohms: 'resistance held by a loop',
};

export const QUESTIONS = {
  along: 'How hot is the wire from clamp to clamp?',
  entry: 'What happens as it warms up and goes into the foam?',
  hold: 'What keeps the heat when something changes?',
  battery: 'How long does the battery cut at this feed?',
} as const;

export const TEMPLATES = [
  { value: 'none', name: 'thin card or wood, or none', chill: null },
  { value: 'thin', name: 'thin metal, 1 mm, at 60 °C', chill: { thickness: 0.001, tempC: 60 } },
  { value: 'thick', name: 'thick metal, 3 mm, at 40 °C', chill: { thickness: 0.003, tempC: 40 } },
] as const;
