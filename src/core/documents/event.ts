import { z } from 'zod';
import { ALLOY_IDS } from '../catalog/alloys';
import { between, known, overZero } from './fields';

/** What a meter said at one setting of a first heat. */
export const heatStepSchema = z.strictObject({
  setting: z.number().min(0).max(100000).nullable().default(null),
  amps: known(overZero(500)),
  volts: known(overZero(500)),
});

/** Causes that a first heat weighs. */
export const HEAT_CAUSES = [
  'as-drawn',
  'gauge',
  'alloy',
  'length',
  'contact',
  'folds-back',
  'supply-volts',
  'averaging',
] as const;
export type HeatCause = (typeof HEAT_CAUSES)[number];

const at = z.iso.datetime({ offset: true });
const note = z.string().max(20000).default('');

/** A guided first power-up: its readings, what was found likeliest, what it corrected. */
export const heatSchema = z.strictObject({
  kind: z.literal('heat'),
  at,
  voltsAt: z.enum(['display', 'clips']),
  by: z.enum(['typed', 'practice']),
  steps: z.array(heatStepSchema).min(1).max(20),
  cause: z.enum(HEAT_CAUSES).nullable().default(null),
  corrected: z.array(z.string().max(60)).max(20).default([]),
  note,
});
/** The wire under power from a time on; `until` null while it still is. */
export const hotSchema = z
  .strictObject({ kind: z.literal('hot'), at, until: at.nullable().default(null), note })
  .refine((h) => h.until === null || Date.parse(h.until) >= Date.parse(h.at), {
    path: ['until'],
    message: 'must not lie before `at`',
  });
/** A new wire was put on: its hours and cuts begin anew. */
export const hangSchema = z.strictObject({
  kind: z.literal('hang'),
  at,
  alloy: z.enum(ALLOY_IDS),
  diameterMm: between(0.02, 5),
  lengthMm: between(1, 20000),
  note,
});
const leaf = z.union([z.string().max(20000), z.number(), z.boolean(), z.null()]);
/** What was changed on a rig: path, before, after. */
export const changeSchema = z.strictObject({
  kind: z.literal('change'),
  at,
  changes: z
    .array(z.strictObject({ path: z.string().min(1).max(120), from: leaf, to: leaf }))
    .min(1)
    .max(200),
  note,
});
/** A remark on the time line. */
export const remarkSchema = z.strictObject({
  kind: z.literal('remark'),
  at,
  note: z.string().min(1).max(20000),
});

export const EVENT_KINDS = ['heat', 'hot', 'hang', 'change', 'remark'] as const;
/** What happens to a rig beside its cuts and readings of the pull. */
export const eventSchema = z.discriminatedUnion('kind', [
  heatSchema,
  hotSchema,
  hangSchema,
  changeSchema,
  remarkSchema,
]);
export type RigEvent = z.infer<typeof eventSchema>;
export type HeatEvent = z.infer<typeof heatSchema>;
export type HeatStep = z.infer<typeof heatStepSchema>;
export type ChangeEvent = z.infer<typeof changeSchema>;
