import type { Grade, Seen } from '../documents/log';

/** What a cut of each grade was like. */
export const GRADE_HELP: Record<Grade, string> = {
  'too-cold': 'it pulled, bowed the wire or dragged',
  good: 'clean, no more than fine hairs',
  'too-hot': 'gloss, grooves, a wide kerf or smoke',
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
