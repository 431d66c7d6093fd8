import type { Control } from '@/core/documents/control';
import { rigSchema, type FrameKind, type Rig } from '@/core/documents/rig';
import { supplySchema, type Supply, type SupplyKind } from '@/core/documents/supply';
import { assumed } from '@/core/engine/propose';

export const FRAME_CARDS: Record<FrameKind, { short: string; help: string }> = {
  bow: { short: 'Hand bow', help: 'one or two people, along templates' },
  'pulled-bow': { short: 'Pulled bow', help: 'a weight, lever or swing arm' },
  'drop-bow': { short: 'Falling bow', help: 'between guides, by its own weight' },
  table: { short: 'Table', help: 'an upright wire and a fence' },
  slicer: { short: 'Slicer', help: 'a low wire over a board' },
  gantry: { short: 'Motor towers', help: 'both ends led by motors' },
  'hand-tool': { short: 'Hand tool', help: 'a short wire on a handle' },
};

export const FOAM_HELP = 'Its usual density is taken until you weigh an offcut.';

const plain = (s: object): Supply => supplySchema.parse(s);

/** Supplies as they are commonly sold, generic; each with the control that usually comes with it. */
export const POWER: Record<SupplyKind, { name: string; supply: Supply; control: Control['kind'] }> = {
  bench: { name: 'Bench supply, 30 V 5 A', supply: plain({ kind: 'bench', volts: 30, maxAmps: 5 }), control: 'volts' },
  brick: { name: 'Laptop brick, 19 V 3.4 A', supply: plain({ kind: 'brick', volts: 19, maxAmps: 3.4 }), control: 'none' },
  'computer-supply': { name: 'Computer supply, 12 V rail', supply: plain({ kind: 'computer-supply', volts: 12, maxAmps: 15 }), control: 'none' },
  battery: { name: 'Lead battery, 12 V 7 Ah', supply: plain({ kind: 'battery', volts: 12, maxAmps: 10, battery: { chemistry: 'lead-acid', cells: 6, ampHours: 7 } }), control: 'none' },
  transformer: { name: 'Transformer, 24 V 60 VA, with a variac or taps', supply: plain({ kind: 'transformer', volts: 24, maxAmps: null, current: 'ac', ratedVA: 60 }), control: 'scale' },
  charger: { name: 'Battery charger, 12 V 6 A', supply: plain({ kind: 'charger', volts: 12, maxAmps: 6 }), control: 'none' },
  other: { name: 'Something else, 12 V', supply: plain({ kind: 'other', volts: 12, maxAmps: null }), control: 'none' },
}; // prettier-ignore

const BARE = rigSchema.parse({
  format: 'upwind-rod/rig',
  version: 1,
  name: 'Plain bow',
  frame: { kind: 'bow' },
  wire: { alloy: 'nicr-80', diameterMm: 0.405, lengthMm: 700 },
  supply: { kind: 'bench', volts: 30, maxAmps: 5 },
  control: { kind: 'volts', setting: 12 },
  foam: { kind: 'eps', densityKgM3: 20, widthMm: 500 },
});
/** A plain rig to change at will: legal at once, every value of it marked assumed. */
export const PLAIN: Rig = { ...BARE, from: assumed(BARE, new Set()) };
