import { piecePlanSchema } from '@/core/documents/plan';

/** A plain piece, for tests. */
export const PIECE = piecePlanSchema.parse({
  format: 'upwind-rod/plan',
  version: 1,
  name: 'Core',
  piece: {
    spanMm: 640,
    root: { section: { kind: 'circle' }, chordMm: 80 },
    tip: { section: { kind: 'circle' }, chordMm: 60 },
  },
});
