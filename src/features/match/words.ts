import type { FrameKind } from '@/core/documents/rig';
import type { ControlKind } from '@/core/documents/controlKinds';
import type { WeightKey } from '@/core/documents/drawer';
import type { FindingCode } from '@/core/documents/reading';

export const FRAMES: Record<FrameKind, string> = {
  bow: 'Hand bow',
  'pulled-bow': 'Bow pulled by a weight',
  'drop-bow': 'Falling bow',
  table: 'Table, wire upright',
  slicer: 'Slicer, low wire',
  gantry: 'Motor towers',
  'hand-tool': 'Shaped loop',
};

export const CONTROLS: Record<ControlKind, string> = {
  none: 'no dial',
  volts: 'voltage knob',
  amps: 'current knob',
  pwm: 'pulse dimmer',
  phase: 'dimmer before it',
  scale: 'variac or tap',
  buck: 'buck converter',
  clip: 'sliding clip',
  'hold-ohm': 'resistance held',
};

export const PARTS: Record<WeightKey, { name: string; help: string }> = {
  reserve: { name: 'Room in the window', help: 'How far the feed stands from both edges of the clean window.' },
  load: { name: 'Load on the supply', help: 'Full marks up to 80 % of its limit, none at all of it.' },
  dial: {
    name: 'Fineness of the dial',
    help: 'How little one step moves the max feed; no dial, no marks.',
  },
  strength: {
    name: 'Strength left hot',
    help: 'How little of its hot strength the wire is set to: full at a fifth of it, nothing at half.',
  },
  leads: { name: 'Little lost in leads', help: 'Full marks up to 1 % of the wire’s volts, none at 5 %.' },
};

/** Reasons of refusal as heads of a list. */
export const REASONS: Partial<Record<FindingCode, string>> = {
  'supply-overload': 'too much for the supply',
  'pulse-peak-overload': 'pulses too strong for the supply',
  'supply-volts-short': 'voltage too low',
  'control-overload': 'too much for the control',
  'wire-too-hot': 'over the wire’s temperature limit',
  'wire-melts': 'the wire melts',
  'wire-too-cold': 'too cold to cut',
  'feed-too-fast': 'not hot enough for the feed',
  'melt-back': 'melts back at this feed',
  'fume-limit': 'smokes at this feed',
  'foam-wider-than-wire': 'foam wider than the wire',
  'touch-voltage': 'volts that can kill on a bare wire',
  'mains-direct': 'mains on the wire',
  'not-isolated': 'not isolated from the mains',
  'foam-refused': 'foam that must not be cut hot',
  'lead-overheats': 'the leads get hot',
  'hold-ohm-flat': 'nothing for the controller to hold by',
};
