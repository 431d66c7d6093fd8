import { z } from 'zod';
import { between, instantSchema, known, overZero, upTo } from './fields';
import { rigSchema } from './rig';
import { sectionSchema } from './section';
import { ownEnd } from './ownEdge';
import { methodSchema } from './method';

const share = between(-1, 2);

const end = {
  section: sectionSchema,
  chordMm: between(2, 5000),
  twistDeg: between(-45, 45).default(0),
  thicknessScale: between(0.05, 10).default(1),
};

/** What is not foam of the finished part, or is left to the hand: taken off or added before the templates are drawn. */
export const finishSchema = z.strictObject({
  skinMm: upTo(50),
  /** A tail of wood or filler: so much of the chord is not foam. */
  solidTailMm: upTo(500),
  /** The thinnest tail that foam holds: the core is thickened to it. */
  leastTailMm: upTo(50),
  /** So much of the nose is left square, to be rounded by hand. */
  squareNoseMm: upTo(200),
});
export const DOWEL_FACES = ['root', 'tip', 'both'] as const;
/** A hole for a dowel along the span, drilled into an end's face: where along the chord, in the middle of the section's thickness there. */
export const dowelSchema = z.strictObject({
  at: between(0.02, 0.98),
  diameterMm: between(1, 100),
  depthMm: between(1, 2000),
  face: z.enum(DOWEL_FACES).default('both'),
});
export type Dowel = z.infer<typeof dowelSchema>;
export const HANDS = ['left', 'right', 'pair'] as const;
export const pieceSchema = z.strictObject({
  spanMm: between(1, 20000),
  hand: z.enum(HANDS).default('right'),
  pieces: z.number().int().min(1).max(10000).default(1),
  /** The point twisted about, in chords. */
  twistAbout: z.tuple([share, share]).default([0.25, 0]),
  root: z.strictObject(end),
  tip: z.strictObject({
    ...end,
    offsetMm: z.tuple([between(-5000, 5000), between(-5000, 5000)]).default([0, 0]),
  }),
  finish: finishSchema.prefault({}),
  dowels: z.array(dowelSchema).max(8).default([]),
  /** What a core should weigh; null where nobody asks. */
  targetG: known(overZero(1_000_000)),
});
export type Piece = z.infer<typeof pieceSchema>;

export const blankSchema = z.strictObject({
  lengthMm: between(1, 20000),
  widthMm: between(1, 20000),
  heightMm: between(1, 5000),
  skinMm: upTo(100),
  marginMm: between(0, 500).default(15),
});
export type Blank = z.infer<typeof blankSchema>;

/** Sheets that blanks are cut from. */
export const sheetStockSchema = z.strictObject({
  lengthMm: between(10, 20000).default(1250),
  widthMm: between(10, 20000).default(600),
  /** Null: the board of the rig's stage Foam, `foam.heightMm`, or not known. */
  thicknessMm: known(between(1, 2000)),
  count: z.number().int().min(1).max(1000).default(1),
});
export type SheetStock = z.infer<typeof sheetStockSchema>;

export const TEMPLATE_MATERIALS = ['card', 'plywood', 'laminate', 'aluminium', 'steel'] as const;
export const slotSchema = z.strictObject({
  at: between(0.01, 0.98),
  widthMm: between(0.5, 200),
  depthMm: between(0.5, 500),
  side: z.enum(['top', 'bottom']),
});
const edge = z.strictObject({ top: between(-100, 100), bottom: between(-100, 100) });
const kerf = between(0.01, 100);
/** Templates that were cut: their edges stay as they were, whatever heat, feed and section become. */
export const cutTemplateSchema = z.strictObject({
  at: instantSchema,
  /** What they allow for: the kerf at each end, the wire, and how much each edge was grown. */
  kerfMm: z.strictObject({ root: kerf, tip: kerf }),
  diameterMm: between(0.02, 20),
  growMm: z.strictObject({ root: edge, tip: edge }),
  /** The sections that they were made for. */
  of: pieceSchema.pick({ root: true, tip: true, twistAbout: true, finish: true }),
});
export type CutTemplate = z.infer<typeof cutTemplateSchema>;

export const templateSchema = z.strictObject({
  split: z.enum(['top-bottom', 'turned', 'outline', 'square']).default('top-bottom'),
  pinnedTo: z.enum(['core', 'block-bottom']).default('core'),
  firstCut: z.enum(['bottom', 'top']).default('bottom'),
  /** The wire goes round a shape that stays, or inside one that falls out (a cradle, a cut-out). */
  round: z.enum(['outside', 'inside']).default('outside'),
  material: z.enum(TEMPLATE_MATERIALS).default('laminate'),
  thicknessMm: between(0.1, 30).default(1.5),
  leadInMm: between(0, 500).default(40),
  tailMm: between(0, 500).default(40),
  slots: z.array(slotSchema).max(8).default([]),
  stations: z.number().int().min(2).max(60).default(20),
  /** Once they are cut; null: they follow the dial, the feed and the section. */
  cut: known(cutTemplateSchema),
  /** Edges that a maker has already; null where the program makes them. */
  own: z.strictObject({ root: ownEnd.prefault({}), tip: ownEnd.prefault({}) }).prefault({}),
});
export type Template = z.infer<typeof templateSchema>;

/** A piece, its blank, its templates and how it is driven, on a rig: `upwind-rod/plan` version 1. */
export const planSchema = z.strictObject({
  format: z.literal('upwind-rod/plan'),
  version: z.literal(1),
  name: z.string().max(200).default(''),
  rig: rigSchema,
  piece: pieceSchema,
  blank: blankSchema.nullable().default(null),
  stock: sheetStockSchema.prefault({}),
  method: methodSchema.default({ kind: 'two-person' }),
  template: templateSchema.prefault({}),
  toleranceMm: between(0.05, 20).default(0.5),
  /** Weight of the bow and whether it hangs from a counterweight or cord: what the hands have to hold. */
  bow: z.strictObject({ massG: upTo(50000), hung: z.boolean().default(true) }).prefault({}),
});
export type Plan = z.infer<typeof planSchema>;

/** A plan as kept beside its rig: the rig is laid in where it is worked out. */
export const piecePlanSchema = planSchema.omit({ rig: true });
export type PiecePlan = z.infer<typeof piecePlanSchema>;
