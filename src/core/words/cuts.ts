import type { Grade, Place, Seen } from '../documents/log';

/** What can be seen on a cut. */
export const SEEN_WORDS: Record<Seen, string> = {
  hairs: 'fine hairs',
  gloss: 'glossy skin',
  grooves: 'grooves',
  steps: 'steps',
  ragged: 'ragged kerf',
  'drag-lines': 'drag lines',
  hollow: 'hollow middle',
  skew: 'one end ahead',
  'eaten-tail': 'eaten trailing edge',
  smoke: 'smoke',
  snag: 'it snagged',
};

/** How a cut went. */
export const GRADE_WORDS: Record<Grade, string> = {
  'too-cold': 'Too cold',
  good: 'Good',
  'too-hot': 'Too hot',
};

/** Where something was sanded off. */
export const SANDED_WORDS: Record<Place, string> = {
  'all-over': 'all over',
  entry: 'at the entry',
  middle: 'in the middle of the wire',
  'one-end': 'at one end of the wire',
  'both-edges': 'along both faces',
  corner: 'at a corner',
  exit: 'at the exit',
  'here-and-there': 'here and there',
  curve: 'on a curve',
};
