import { z } from 'zod';
import { between, known } from './fields';

const size = between(0.1, 20000);

/** A sample weighed and measured: grams, its sides, and how many sheets lie in the stack that its height is of. */
export const foamSampleSchema = z.strictObject({
  grams: between(0.001, 1_000_000),
  lengthMm: size,
  widthMm: size,
  stackMm: size,
  sheets: z.number().int().min(1).max(1000).default(1),
});
export type FoamSample = z.infer<typeof foamSampleSchema>;

export const FOAM_FLAWS = ['voids', 'chewed-edges', 'hard-lumps', 'warped', 'damp'] as const;
export type FoamFlaw = (typeof FOAM_FLAWS)[number];

/** What is known of a foam on the shelf beyond kind and density. */
export const foamPieceSchema = z.strictObject({
  samples: z.array(foamSampleSchema).max(20).default([]),
  /** Thickness of the block at its four corners, round it. */
  cornersMm: z.array(size).length(4).nullable().default(null),
  flaws: z.array(z.enum(FOAM_FLAWS)).max(FOAM_FLAWS.length).default([]),
  lot: z.string().max(120).default(''),
  sheetMm: z.strictObject({ lengthMm: size, widthMm: size }).nullable().default(null),
  /** The stress skins of an extruded board are still on. */
  skins: z.boolean().default(false),
  pieces: known(z.number().int().min(0).max(100000)),
  price: known(between(0, 1e6)),
});
export type FoamPiece = z.infer<typeof foamPieceSchema>;
