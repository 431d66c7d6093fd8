import { z } from 'zod';
import { machineSchema } from './machine';
import { rigSchema } from './rig';

/** What can be wrong with a line of motion code by itself: where one of them stands nothing is foretold. */
export const LINE_FAULTS = [
  'no-text',
  'too-many-lines',
  'unknown-word',
  'twice-on-a-line',
  'no-such-axis',
  'no-mode',
  'no-feed-word',
  'bad-number',
  'open-comment',
  'wait-without-time',
] as const;
export type LineFault = (typeof LINE_FAULTS)[number];

/** What can be found in a path or in motion code. */
export const MOTION_CODES = [
  ...LINE_FAULTS,
  'rig-stopped',
  'motors-load',
  'no-feed',
  'out-of-travel',
  'over-axis-speed',
  'feed-too-fast',
  'feed-too-slow',
  'heat-off-in-foam',
  'stands-in-foam',
  'pause-in-foam',
  'rapid-in-foam',
  'starts-in-block',
  'ends-in-foam',
  'heat-left-on',
  'wire-through-bed',
  'wire-through-spindle',
  'ends-out-of-step',
  'ends-cross',
  'inches-for-mm',
  'mm-for-inches',
  'wire-stretches',
  'cuts-nothing',
  'no-part',
  'entry-in-block',
  'outside-block',
  'hole-closes',
  'part-melts',
  'slit-refused',
  'part-loose',
  'parts-too-near',
  'machine-slower',
  'ends-coupled',
  'core-off',
  'blank-too-small',
  'comb-needs-heat',
  'slots-too-near',
] as const;
export type MotionCode = (typeof MOTION_CODES)[number];

const values = z.record(z.string(), z.union([z.number(), z.string(), z.null()]));
export const motionFindingSchema = z.strictObject({
  code: z.enum(MOTION_CODES),
  level: z.enum(['stop', 'fix', 'note']),
  /** First line of the code that it is about; null where it is about the whole. */
  line: z.number().int().min(1).nullable(),
  /** On so many lines. */
  count: z.number().int().min(1),
  values,
});
export type MotionFindingFigures = z.infer<typeof motionFindingSchema>;
const said = motionFindingSchema.extend({ text: z.string() });

const range = z.tuple([z.number(), z.number()]).nullable();
const point = z.tuple([z.number(), z.number()]);
/** The same from a job and from its code alone. mm, mm/s, s. */
export const motionForecastSchema = z.strictObject({
  timeS: z.number(),
  cutMm: z.number(),
  leftFeedMmS: range,
  rightFeedMmS: range,
  leftKerfMm: range,
  rightKerfMm: range,
  widest: z
    .strictObject({ line: z.number(), face: z.enum(['left', 'right']), at: point, kerfMm: z.number() })
    .nullable(),
  wireStretchMm: z.number(),
});
export type MotionForecast = z.infer<typeof motionForecastSchema>;

/** Where a part comes out other than wanted, mm: over 0 proud. */
export const deviationSchema = z.strictObject({
  at: point,
  loop: z.number().int(),
  offMm: z.number(),
  why: z.enum(['slow', 'corner', 'inside-corner', 'lag', 'taper']),
  /** What it is worked out from: degrees, mm, mm/s, s. */
  values: z.record(z.string(), z.number()),
});
export type Deviation = z.infer<typeof deviationSchema>;

const worst = z.strictObject({ offMm: z.number(), station: z.number(), pass: z.number().int() });
/** Greatest deviations of a core, mm: over 0 proud. On its root, half-way along it, and on its tip. */
export const coreDeviationsSchema = z.strictObject({ root: worst, middle: worst, tip: worst });
export type CoreDeviations = z.infer<typeof coreDeviationsSchema>;

/** What a move of a path is. */
export const MOVES = ['air', 'slit', 'loop', 'wait', 'heat', 'turn'] as const;
export type What = (typeof MOVES)[number];
const node = z.strictObject({
  left: point,
  right: point,
  askedS: z.number(),
  takesS: z.number(),
  what: z.enum(MOVES),
});
/** `upwind-rod/motion` version 1: a job's path, its code, and what is foretold of it. */
export const motionSchema = z.strictObject({
  format: z.literal('upwind-rod/motion'),
  version: z.literal(1),
  passes: z.array(z.strictObject({ turnDeg: z.number(), kerfMm: z.number(), nodes: z.array(node) })),
  /** Breadth of a slit after its second pass; null where there is none. */
  bridgesMm: z.number().nullable(),
  wireStretchMm: z.number(),
  /** Empty where a finding stops the path. */
  code: z.string(),
  timeS: z.number(),
  forecast: motionForecastSchema.nullable(),
  deviations: z.array(deviationSchema),
  /** Null but of a core. */
  core: coreDeviationsSchema.nullable(),
  findings: z.array(said),
});
export type MotionDocument = z.infer<typeof motionSchema>;
export type MotionFigures = Omit<MotionDocument, 'findings'> & {
  readonly findings: readonly MotionFindingFigures[];
};

const size = z.number().min(0.5).max(20000);
/** Motion code from anywhere, to be played on a machine with a rig's wire through a block. */
export const replaySchema = z.strictObject({
  machine: machineSchema,
  rig: rigSchema,
  /** [along the feed, along the wire, height]. */
  blockMm: z.tuple([size, size, size]),
  code: z.string().max(12_000_000),
  /** How far what holds a block that is turned reaches from its axis; null: nothing holds it there. */
  spindleMm: z.number().min(0).max(500).nullable().default(null),
  /** What is done with words that are not of the set: told and refused, or told and left out. */
  unknown: z.enum(['refuse', 'ignore']).default('refuse'),
});
export type Replay = z.infer<typeof replaySchema>;
/** `upwind-rod/replay` version 1. */
export const replayedSchema = z.strictObject({
  format: z.literal('upwind-rod/replay'),
  version: z.literal(1),
  lines: z.number().int(),
  timeS: z.number(),
  forecast: motionForecastSchema.nullable(),
  findings: z.array(said),
});
export type ReplayDocument = z.infer<typeof replayedSchema>;
export type ReplayFigures = Omit<ReplayDocument, 'findings'> & {
  readonly findings: readonly MotionFindingFigures[];
};
