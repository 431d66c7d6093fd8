import { z } from 'zod';
import { ALLOY_IDS } from '../catalog/alloys';
import { between, instantSchema, known, overZero } from './fields';
import { JOB_KINDS } from './jobKinds';
import { SEEN } from './log';

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

const at = instantSchema;
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
/** The wire was let go slack for storage; `until` null while it still is. */
export const slackSchema = z
  .strictObject({ kind: z.literal('slack'), at, until: at.nullable().default(null), note })
  .refine((s) => s.until === null || Date.parse(s.until) >= Date.parse(s.at), {
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

const measure = known(between(0, 5000));
/** A cut that was called, or rehearsed without heat: what was planned, what was held, what came of it. */
export const runSchema = z.strictObject({
  kind: z.literal('run'),
  at,
  planId: z.string().min(1).max(64),
  plan: z.string().max(200),
  hand: z.enum(['left', 'right']),
  piece: z.number().int().min(1).max(20000),
  rehearsal: z.boolean(),
  finished: z.boolean(),
  plannedS: between(0, 100000),
  heldS: between(0, 100000),
  /** Pace really held over the pace planned: over 1 slower. */
  pace: between(0.01, 100),
  /** Whether anything moved between the passes; null where nobody looked. */
  moved: z.boolean().nullable().default(null),
  seen: z.array(z.enum(SEEN)).max(20).default([]),
  measured: z
    .strictObject({
      rootThickMm: measure,
      tipThickMm: measure,
      rootChordMm: measure,
      tipChordMm: measure,
      twistDeg: known(between(-90, 90)),
      weightG: known(between(0, 1_000_000)),
    })
    .prefault({}),
  /** Where ridges lie: side and station. */
  ridges: z
    .array(z.strictObject({ side: z.enum(['top', 'bottom', 'outline', 'square']), station: between(0, 121) }))
    .max(60)
    .default([]),
  /** Passes that were led by feel: seconds from the first station's mark to each. */
  led: z
    .array(
      z.strictObject({
        side: z.enum(['top', 'bottom', 'outline', 'square']),
        seconds: z.array(between(0, 100000)).min(2).max(121),
      }),
    )
    .max(2)
    .default([]),
  note,
});
/** What was made by a job: how many, what was measured, what to change next time. */
export const madeSchema = z.strictObject({
  kind: z.literal('made'),
  at,
  jobId: z.string().min(1).max(64),
  job: z.string().max(200),
  work: z.enum(JOB_KINDS),
  count: z.number().int().min(1).max(100000),
  /** The size that the job asks for, and what was measured of it, mm. */
  wantedMm: measure,
  measuredMm: measure,
  change: z.string().max(2000).default(''),
  note,
});
export const EVENT_KINDS = ['heat', 'hot', 'hang', 'change', 'remark', 'run', 'made', 'slack'] as const;
/** What happens to a rig beside its cuts and readings of the pull. */
export const eventSchema = z.discriminatedUnion('kind', [
  heatSchema,
  hotSchema,
  hangSchema,
  changeSchema,
  remarkSchema,
  runSchema,
  madeSchema,
  slackSchema,
]);
export type RunEvent = z.infer<typeof runSchema>;
export type RigEvent = z.infer<typeof eventSchema>;
export type HeatEvent = z.infer<typeof heatSchema>;
export type HeatStep = z.infer<typeof heatStepSchema>;
export type ChangeEvent = z.infer<typeof changeSchema>;
