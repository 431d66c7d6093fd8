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

export const GRADE_HELP: Record<Grade, string> = {
  'too-cold': 'it pulled, bowed the wire or dragged',
  good: 'clean, no more than fine hairs',
  'too-hot': 'gloss, grooves, a wide kerf or smoke',
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

/** How to know each by eye or finger. */
export const SEEN_HELP: Record<Seen, string> = {
  hairs: 'threads that rub off; normal',
  gloss: 'a hard skin that shines',
  grooves: 'furrows along the wire',
  steps: 'the face jumps',
  ragged: 'a wide kerf with torn edges',
  'drag-lines': 'bowed lines, one after another',
  hollow: 'the middle lies behind the ends',
  skew: 'lines run aslant',
  'eaten-tail': 'the thin edge is melted away',
  smoke: 'it smoked while it cut',
  snag: 'it stuck, tore, went on',
};
