import { CUTTERS } from '@/core/documents/cutters';
import type { FrameKind } from '@/core/documents/rig';
import type { Piece, Template } from '@/core/documents/plan';
import type { Method } from '@/core/documents/method';

/** Words of the stages Shape and Cut and of the pages below them. */
export const HAND_NAMES: Record<Piece['hand'], string> = {
  right: 'right',
  left: 'left',
  pair: 'pairs, left and right',
};
export const METHOD_NAMES: Record<Method['kind'], string> = {
  'two-person': 'two people, stations called',
  'single-pass': 'one person, one outline',
  'swing-arm': 'a swing arm pulls both cords',
  lever: 'a lever with two marks',
  anchored: 'one end of the wire anchored',
  'equal-pull': 'equal pulls on both ends',
  gravity: 'falls under its own weight',
};
export const METHOD_HELP: Record<Method['kind'], string> = {
  'two-person': 'Each leads one end; the called number is where both wires are at that moment.',
  'single-pass': 'Both hands on the bow, over the leading edge and back in one go.',
  'swing-arm': 'An arm falls; each cord is clamped at its own radius, so both ends arrive together.',
  lever: 'As a swing arm, by hand: each end is pulled from its own mark on the lever.',
  anchored: 'The far end stays at one point; the near end is led along its template.',
  'equal-pull': 'Two equal weights over pulleys: both ends go at one pace. For straight cuts and little taper.',
  gravity: 'The bow sinks between guides. For blanks and straight cuts.',
};
export const SPLIT_NAMES: Record<Template['split'], string> = {
  'top-bottom': 'top and bottom apart',
  turned: 'one template, block turned over',
  outline: 'one outline, single pass',
  square: 'square end plates, straight cut',
};
export const PINNED_NAMES: Record<Template['pinnedTo'], string> = {
  core: 'pinned to the core',
  'block-bottom': 'pinned to the bottom of the block',
};
export { SIDE_NAMES } from '@/core/words/plan';
export const END_NAMES = { root: 'Root', tip: 'Tip' } as const;

/** Why the cuts come in this order. */
export function orderWords(t: Pick<Template, 'split' | 'pinnedTo' | 'firstCut'>): string {
  if (t.split === 'outline')
    return 'One pass: in at the trailing edge, over the top, round the leading edge, back below.';
  if (t.split === 'square') return 'One straight pass; the offcut is drawn away as it comes free.';
  if (t.split === 'turned')
    return t.pinnedTo === 'core'
      ? 'The same pair cuts both faces. Pinned to the core on its middle line, each face loses alike, whichever is first.'
      : t.firstCut === 'top'
        ? 'Above, then turned over into its offcut: the core sinks by its kerf, and its thickness hangs on no heat.'
        : 'Below, then turned over and below again: the wire on the edge takes its kerf and itself off each face.';
  if (t.pinnedTo === 'block-bottom')
    return t.firstCut === 'bottom'
      ? 'Below first: the core then sinks by its own kerf and keeps its thickness. Both pairs stay pinned to the bottom of the block.'
      : 'Above first, with both pairs pinned to the bottom of the block: the core would lose a whole kerf, so its templates are grown.';
  return t.firstCut === 'bottom'
    ? 'Below first, while the block still stands square on the bench; its offcut goes back under as a cradle for the cut above.'
    : 'Above first; its offcut goes back on as a lid, the block is turned over on it for the cut below.';
}

/** A fault of the work in words: its field by the name the maker knows it by. */
export function faultWords(fault: string): string {
  const [field, ...rest] = fault.split(' ');
  return [FIELDS[field!] ?? field, ...rest].join(' ');
}
const FIELDS: Record<string, string> = {
  'piece.root.section': 'the root’s section',
  'piece.tip.section': 'the tip’s section',
  growMm: 'the skin, or the allowance for the kerf,',
  slots: 'a spar slot',
  'piece.dowels': 'a dowel hole',
  code: 'the section’s number',
  section: 'the section',
};

export const HANDLING = [
  'Open air or a fan that draws away from you. Never an unknown foam, never PVC or polyurethane.',
  'Glasses and sleeves: a wire that breaks whips. Nothing flammable about, spray-glue vapour gone first.',
  'Power off before anything is touched, moved or measured. The wire burns for some seconds longer.',
] as const;

/** A plan to begin with, as wide as the rig's foam, driven the cutter's own way. */
export function newPlan(spanMm: number, kind: FrameKind, name = 'New piece') {
  const { method } = CUTTERS[kind];
  return {
    format: 'upwind-rod/plan' as const,
    version: 1 as const,
    name,
    ...(method && { method }),
    ...(method?.kind === 'gravity' && { template: { split: 'square' as const } }),
    piece: {
      spanMm,
      root: { section: { kind: 'naca' as const, code: '4412' }, chordMm: 180 },
      tip: { section: { kind: 'naca' as const, code: '4412' }, chordMm: 140 },
    },
  };
}
