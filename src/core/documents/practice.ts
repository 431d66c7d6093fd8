import { z } from 'zod';
import { between, instantSchema } from './fields';
import { FRAME_KINDS, rigSchema } from './rig';

/** The drills of the practice bench, in rising order. */
export const DRILLS = ['feed', 'push', 'groove', 'corner', 'taper', 'core', 'unknown'] as const;
export type Drill = (typeof DRILLS)[number];
/** Those in which the wire or the foam is led by hand. */
export const LED_DRILLS = ['feed', 'push', 'groove', 'corner', 'taper', 'core'] as const;
export type LedDrill = (typeof LED_DRILLS)[number];

/** What an unknown bench may hide: what its wire, its clips or its supply are not as drawn. */
export const HIDDEN_FAULTS = ['nothing', 'thicker', 'thinner', 'contact', 'folds-back'] as const;
export type HiddenFault = (typeof HIDDEN_FAULTS)[number];

const mm = between(-5000, 5000);
const point = z.tuple([mm, mm]);
const face = z.strictObject({ x0: mm, x1: mm, y0: mm, y1: mm });
const line = z.array(point).min(2).max(4000);
const arc = between(0, 20_000);

/** The line each end is led along, the foam it passes and the marks between, mm. */
export const courseSchema = z.strictObject({
  near: line,
  far: line,
  faces: z.strictObject({ near: face, far: face }),
  marks: z
    .array(
      z.strictObject({
        kind: z.enum(['station', 'corner']),
        n: z.number().int().min(0).max(1000),
        near: arc,
        far: arc,
        waitS: between(0, 60),
      }),
    )
    .max(400),
  together: z.boolean(),
  feed: between(0.001, 200),
});

/** Steps a second of a trace, and the longest that one is led, s. */
export const TRACE_HZ = 200;
export const TRACE_S = 300;
/** What a hand's aim moves by in a step, hundredths of a millimetre. */
const moves = z.array(z.number().int().min(-20_000).max(20_000)).max(TRACE_HZ * TRACE_S);

const head = { format: z.literal('upwind-rod/trace'), version: z.literal(1), rig: rigSchema };

/** A run that was led: where the hands aimed, step by step. Played again it comes to the same score. */
export const ledTraceSchema = z.strictObject({
  ...head,
  kind: z.literal('led'),
  drill: z.enum(LED_DRILLS),
  course: courseSchema,
  /** The wire was warm when it began. */
  warm: z.boolean().default(true),
  near: moves,
  /** Null where one hand leads both ends. */
  far: moves.nullable(),
});

/** Test cuts on a bench that hides its fault and its foam's heat, and what was found: its fault, and its max feed as it stands. */
export const benchTraceSchema = z.strictObject({
  ...head,
  kind: z.literal('bench'),
  drill: z.literal('unknown'),
  bench: z.number().int().min(1).max(9999),
  /** Feeds of the test cuts, at the rig's own setting, mm/s. */
  cuts: z.array(between(0.01, 200)).max(100),
  answer: z.strictObject({ fault: z.enum(HIDDEN_FAULTS), maxMmS: between(0.01, 200) }),
});

export const traceSchema = z.discriminatedUnion('kind', [ledTraceSchema, benchTraceSchema]);
export type Trace = z.infer<typeof traceSchema>;
export type LedTrace = z.infer<typeof ledTraceSchema>;
export type BenchTrace = z.infer<typeof benchTraceSchema>;

/** What points are lost for: by a hand that leads, and on an unknown bench. */
export const LED_LOSSES = ['fast', 'slow', 'off-feed', 'corner-short', 'corner-long', 'step', 'cold', 'still', 'undone'] as const; // prettier-ignore
export const BENCH_LOSSES = ['cuts', 'wrong-fault', 'limit'] as const;
export const LOSSES = [...LED_LOSSES, ...BENCH_LOSSES] as const;
export type LossCode = (typeof LOSSES)[number];

/** Points lost for one thing, with the figures that say why, by their names. */
export const lossSchema = z.object({
  code: z.enum(LOSSES),
  points: z.number(),
  values: z.record(z.string(), z.number()),
});
export type Loss = z.infer<typeof lossSchema>;

const offBy = z.object({ mean: z.number(), most: z.number() });
/** What a trace came to, in the job's own terms. mm, s, mm/s. */
export const scoreSchema = z.object({
  format: z.literal('upwind-rod/score'),
  version: z.literal(1),
  drill: z.enum(DRILLS),
  /** 0 to 100, to a tenth. */
  points: z.number(),
  /** The largest first. */
  losses: z.array(lossSchema),
  led: z
    .object({
      ends: offBy,
      middle: offBy,
      outsideS: z.number(),
      inFoamS: z.number(),
      /** The wait at a corner that was furthest from its own, s over; below 0 short. */
      worstWaitS: z.number().nullable(),
      stepMostMm: z.number(),
      meanFeedMmS: z.number(),
      lagMm: z.number(),
    })
    .nullable(),
  bench: z
    .object({
      cuts: z.number(),
      fault: z.enum(HIDDEN_FAULTS),
      tuning: z.number(),
      maxFeedMmS: z.number().nullable(),
    })
    .nullable(),
});
export type PracticeScore = z.infer<typeof scoreSchema>;

/** A run of practice as a backup has it, with its trace where that is still kept. */
export const keptPracticeSchema = z.strictObject({
  rigName: z.string().max(200),
  frame: z.enum(FRAME_KINDS),
  drill: z.enum(DRILLS),
  at: instantSchema,
  score: scoreSchema,
  trace: traceSchema.nullable().default(null),
});

/** A run of practice as it is listed, apart from the log of real cuts; its trace is fetched by itself. */
export const practiceRunSchema = z.object({
  id: z.string(),
  rigId: z.string().nullable(),
  rigName: z.string(),
  frame: z.enum(FRAME_KINDS),
  drill: z.enum(DRILLS),
  at: instantSchema,
  score: scoreSchema,
  /** Whether its trace is still there to be played again. */
  traced: z.boolean(),
});
export type PracticeRunRecord = z.infer<typeof practiceRunSchema>;
