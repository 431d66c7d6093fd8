import { z } from 'zod';
import { ALLOY_IDS } from '../catalog/alloys';
import { FOAM_IDS } from '../catalog/foams';
import { controlSchema } from './control';
import { between, known, overZero } from './fields';
import { supplySchema } from './supply';
import { armsSchema, guideSchema, rubberSchema, springsSchema } from './takeUp';

export const FRAME_KINDS = ['bow', 'pulled-bow', 'drop-bow', 'table', 'slicer', 'gantry', 'hand-tool'] as const;
export type FrameKind = (typeof FRAME_KINDS)[number];
export const FRAME_MATERIALS = ['wood', 'plastic', 'metal', 'metal-insulated'] as const;
export const TENSION_KINDS = ['spring', 'weight', 'flex', 'rubber', 'fixed'] as const;
export const ORIGINS = ['measured', 'label', 'catalogue', 'assumed'] as const;
export type Origin = (typeof ORIGINS)[number];

const newtons = between(0, 5000);
const newtonsPerMm = between(0.001, 10000);
const length = between(1, 20000);

export const frameSchema = z.strictObject({
  kind: z.enum(FRAME_KINDS),
  material: z.enum(FRAME_MATERIALS).default('wood'),
  guided: z.boolean().optional(),
  /** A falling bow whose wire falls between two guides across a slick board: it parts segments off a block. */
  board: z.boolean().optional(),
  throatMm: known(length),
  reachMm: known(length),
  arms: armsSchema.optional(),
});

export const wireSchema = z.strictObject({
  alloy: z.enum(ALLOY_IDS),
  diameterMm: between(0.02, 5),
  strands: z.union([z.literal(1), z.literal(3), z.literal(7), z.literal(19)]).default(1),
  lengthMm: length,
  lie: z.enum(['horizontal', 'vertical']).default('horizontal'),
  measuredOhm: known(between(0.001, 100000)),
  clampC: known(between(-40, 400)),
});

export const leadsSchema = z.strictObject({
  areaMm2: between(0.03, 100).default(2.08),
  lengthMm: between(0, 100000).default(3000),
  contactOhm: between(0, 1000).default(0.01),
  seriesOhm: between(0, 1000).default(0),
  fuseA: known(overZero(1000)),
  switchA: known(overZero(1000)),
});

export const tensionSchema = z.strictObject({
  kind: z.enum(TENSION_KINDS).default('spring'),
  setN: known(newtons),
  setWhen: z.enum(['cold', 'hot']).default('cold'),
  springNPerMm: known(newtonsPerMm),
  springMaxN: known(newtons),
  initialN: known(newtons),
  frameNPerMm: known(newtonsPerMm),
  travelMm: known(between(0, 1000)),
  carriesCurrent: z.boolean().default(false),
  guide: guideSchema.optional(),
  springs: springsSchema.optional(),
  rubber: rubberSchema.optional(),
});

export const foamSchema = z.strictObject({
  kind: z.enum(FOAM_IDS),
  densityKgM3: between(1, 1000),
  widthMm: length,
  heightMm: known(length),
  tuning: between(0.05, 20).default(1),
  tuningSd: between(0, 1).default(0.35),
});

export const cutSchema = z.strictObject({
  feedMmS: known(between(0.01, 1000)),
  reserve: between(0.3, 0.9).optional(),
  lagLimitMm: between(0.01, 100).default(2),
  lagSeenMm: known(between(0.001, 1000)),
  batch: z.number().int().min(1).max(10000).default(1),
});

/**
 * Findings that an owner may accept for a wire that was tried or is worn: the catalogue's limits of the wire itself. Shock, fire,
 * fume and an overloaded supply cannot be accepted.
 */
export const ACCEPTABLE_CODES = [
  'wire-too-hot',
  'wire-overstressed',
  'wire-stress-high',
  'takes-a-set',
] as const;
export type AcceptableCode = (typeof ACCEPTABLE_CODES)[number];

/** The rig: one document that describes a hot-wire cutter and the cut it is to make. Units stand in key names. */
export const rigSchema = z
  .strictObject({
    format: z.literal('upwind-rod/rig'),
    version: z.literal(1),
    name: z.string().max(200).default(''),
    note: z.string().max(20000).default(''),
    frame: frameSchema,
    room: z
      .strictObject({ airC: between(-30, 60).default(20), draughtMS: between(0, 20).default(0.05) })
      .prefault({}),
    wire: wireSchema,
    supply: supplySchema,
    control: controlSchema.prefault({}),
    leads: leadsSchema.prefault({}),
    tension: tensionSchema.prefault({}),
    foam: foamSchema,
    cut: cutSchema.prefault({}),
    /** Limits of the catalogue that the wire's owner has tried and goes beyond, each with the reason. */
    accepted: z
      .array(z.strictObject({ code: z.enum(ACCEPTABLE_CODES), reason: z.string().trim().min(3).max(500) }))
      .max(10)
      .optional(),
    from: z.record(z.string().max(60), z.enum(ORIGINS)).default({}),
  })
  .superRefine((rig, ctx) => {
    if (rig.control.kind === 'clip' && (rig.control.setting ?? 0) > rig.wire.lengthMm)
      ctx.addIssue({ code: 'custom', path: ['control', 'setting'], message: 'must be at most wire.lengthMm' });
    if (rig.tension.kind === 'flex' && rig.tension.frameNPerMm === null)
      ctx.addIssue({
        code: 'custom',
        path: ['tension', 'frameNPerMm'],
        message: 'must be given where the frame is the spring: squeeze it, newtons a millimetre',
      });
  });
export type Rig = z.infer<typeof rigSchema>;
export type RigInput = z.input<typeof rigSchema>;
