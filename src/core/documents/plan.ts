import { z } from 'zod';
import { between, instantSchema, known, overZero } from './fields';
import { rigSchema } from './rig';

const share = between(-1, 2);
/** A point of a section, in chords. */
export const pointSchema = z.tuple([between(-2, 3), between(-2, 2)]);

/**
 * A section: a NACA code; points in chords from the tail over the top to the nose and back; or a plain shape by numbers, heights as
 * shares of the chord.
 */
export const sectionSchema = z.discriminatedUnion('kind', [
  z.strictObject({
    kind: z.literal('naca'),
    code: z.string().regex(/^\d{4,5}$/, 'must be four or five digits'),
  }),
  z.strictObject({
    kind: z.literal('points'),
    points: z.array(pointSchema).min(3).max(2000),
    name: z.string().max(200).optional(),
  }),
  z.strictObject({ kind: z.literal('rectangle'), height: between(0.002, 10) }),
  z.strictObject({ kind: z.literal('circle') }),
  z.strictObject({ kind: z.literal('half-round'), height: between(0.002, 2) }),
  z.strictObject({ kind: z.literal('trapezium'), height: between(0.002, 10), topShare: between(0.02, 1) }),
]);
export type Section = z.infer<typeof sectionSchema>;
export const SECTION_KINDS = ['naca', 'points', 'rectangle', 'circle', 'half-round', 'trapezium'] as const;

const end = {
  section: sectionSchema,
  chordMm: between(2, 5000),
  twistDeg: between(-45, 45).default(0),
  thicknessScale: between(0.05, 10).default(1),
};
const mm = (hi: number) => between(0, hi).default(0);

/** What is not foam of the finished part, or is left to the hand: taken off or added before the templates are drawn. */
export const finishSchema = z.strictObject({
  skinMm: mm(50),
  /** A tail of wood or filler: so much of the chord is not foam. */
  solidTailMm: mm(500),
  /** The thinnest tail that foam holds: the core is thickened to it. */
  leastTailMm: mm(50),
  /** So much of the nose is left square, to be rounded by hand. */
  squareNoseMm: mm(200),
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
  skinMm: mm(100),
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

export const methodSchema = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('two-person') }),
  z.strictObject({ kind: z.literal('single-pass') }),
  z.strictObject({
    kind: z.literal('swing-arm'),
    tipRadiusMm: between(5, 5000),
    maxRadiusMm: between(5, 5000),
  }),
  z.strictObject({ kind: z.literal('lever'), armMm: between(5, 5000) }),
  z.strictObject({ kind: z.literal('anchored'), anchorMm: between(2, 50000) }),
  z.strictObject({ kind: z.literal('equal-pull'), pullN: between(0, 1000) }),
  z.strictObject({
    kind: z.literal('gravity'),
    massG: between(1, 100000),
    counterG: mm(100000),
    frictionN: mm(1000),
  }),
]);
export type Method = z.infer<typeof methodSchema>;
export const METHOD_KINDS = [
  'two-person',
  'single-pass',
  'swing-arm',
  'lever',
  'anchored',
  'equal-pull',
  'gravity',
] as const;

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

/**
 * An edge of a template that exists, mm, along the chord line from the nose that is marked on it and square to it, from nose to tail:
 * points that a fair curve goes through, or a line as it was drawn.
 */
export const ownEdgeSchema = z.strictObject({
  kind: z.enum(['points', 'line']),
  points: z
    .array(z.tuple([between(-500, 6000), between(-3000, 3000)]))
    .min(2)
    .max(2000),
});
export type OwnEdge = z.infer<typeof ownEdgeSchema>;
const ownEnd = z.strictObject({ top: known(ownEdgeSchema), bottom: known(ownEdgeSchema) });
export type OwnEdges = z.infer<typeof ownEnd>;

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
  bow: z.strictObject({ massG: mm(50000), hung: z.boolean().default(true) }).prefault({}),
});
export type Plan = z.infer<typeof planSchema>;

/** A plan as kept beside its rig: the rig is laid in where it is worked out. */
export const piecePlanSchema = planSchema.omit({ rig: true });
export type PiecePlan = z.infer<typeof piecePlanSchema>;
