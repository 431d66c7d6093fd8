import { rigSchema, type FrameKind, type Rig } from '@/core/documents/rig';
import { FOAMS } from '@/core/catalog/foams';
import { type Proposal } from '@/core/engine/propose';
import { assumed } from '@/core/engine/wishedRig';
import type { Say } from '@/core/words/say';

export const FRAME_CARDS: Record<FrameKind, { short: string; help: string }> = {
  bow: { short: 'Hand bow', help: 'one or two people, along templates' },
  'pulled-bow': { short: 'Pulled bow', help: 'a weight, lever or swing arm' },
  'drop-bow': { short: 'Falling bow', help: 'between guides, by its own weight' },
  table: { short: 'Table', help: 'an upright wire and a fence' },
  slicer: { short: 'Slicer', help: 'a low wire over a board' },
  gantry: { short: 'Motor towers', help: 'both ends led by motors' },
  'hand-tool': { short: 'Shaped loop', help: 'stiff wire on a handle, for grooves' },
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

/** What would cut a wish that nothing at hand cuts. */
export function wouldWords(would: Extract<Proposal, { ok: false }>['would'], rig: Rig, say: Say): string {
  if (FOAMS[rig.foam.kind].verdict === 'refuse')
    return 'This foam is never cut hot: a fine saw or a knife, and a mask. Name another foam to go on.';
  if (!would)
    return 'No supply of isolated extra-low voltage does it at this width: cut a narrower piece, or a lighter foam.';
  return `What would: ${say(would.diameterMm, 'wireDiameter')} wire on a supply with a dial that gives ${say(would.volts, 'volts')} at ${say(would.amps, 'amps')}, and a quarter more of each in reserve.`;
}
