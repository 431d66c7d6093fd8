import { rigSchema, type FrameKind, type Rig } from '@/core/documents/rig';
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
