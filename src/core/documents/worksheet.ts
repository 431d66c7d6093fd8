import { z } from 'zod';
import { FINDING_CODES } from './reading';
import { JOB_KINDS } from './jobKinds';
import { rigSchema } from './rig';

const n = z.number().nullable();

/** What findings a job can have beside its rig's own. */
export const JOB_CODES = [
  'no-feed',
  'block-too-low',
  'supports-too-near',
  'sheet-differs',
  'wedge-shows',
  'thickness-uncertain',
  'wire-sags',
  'sheet-too-heavy',
  'kerf-differs',
  'board-too-narrow',
  'not-square',
  'radius-too-small',
  'ring-too-thin',
  'cone-closes',
  'cut-out-too-small',
  'piece-too-small',
  'loop-bends',
  'loop-overstressed',
  'loop-too-short',
  'loop-too-wide',
  'stock-short',
  'row-opens',
  'ring-does-not-close',
  'battery-runs-out',
  'battery-fades',
  'arm-overstressed',
  'arm-too-soft',
  'arm-gives',
  'arm-pull-differs',
  'arm-goes-slack',
  'arm-creeps',
  'arm-not-in-rig',
  'wire-length-differs',
  'opening-too-low',
  'board-too-small',
  'ends-stay-cool',
  'path-stopped',
  'path-faults',
] as const;
export type JobCode = (typeof JOB_CODES)[number];

/** What is done, step by step; the text is written from the code and the values. */
export const STEP_CODES = [
  'set-heat',
  'set-spacers',
  'set-turns',
  'insulate-spacers',
  'skin-off',
  'test-sheet',
  'raise-end',
  'ten-sheets',
  'push',
  'slide',
  'weigh',
  'set-fence',
  'set-tilt',
  'square-check',
  'first-edge',
  'rip',
  'hole-first',
  'set-pin',
  'lead-in',
  'turn',
  'measure-disc',
  'template-smaller',
  'let-go',
  'pierce',
  'hang-again',
  'cut-inside',
  'template-larger',
  'cut-round',
  'bend-loop',
  'short-leads',
  'set-collar',
  'set-straight-edge',
  'passes',
  'draw-loop',
  'tip-board',
  'board-relief',
  'rest-first',
  'set-stop',
  'part',
  'turn-over',
  'power-off',
  'cut-parts',
  'drill-hole',
  'fit-bush',
  'bend-arm',
  'hang-wire',
  'set-supports',
  'insulation-test',
  'relief-test',
  'first-heat',
  'try-switches',
  'home-axes',
  'set-block',
  'run-in-air',
  'run-code',
  'measure-part',
  'gauge-core',
  'hold-block',
  'turn-clear',
  'gauge-turned',
  'gauge-slots',
] as const;
export type StepCode = (typeof STEP_CODES)[number];

/** What a cutter is built of; the text is written from the code and the values. */
export const MATERIAL_CODES = [
  'base-board',
  'legs',
  'post',
  'arm',
  'bar',
  'corner-blocks',
  'bush',
  'slit',
  'anchor-bolt',
  'insulators',
  'wire',
  'fence',
  'grips',
  'height-screws',
  'spacer-strips',
  'supports',
  'side-rails',
  'take-up',
  'handle',
  'terminals',
  'collar',
  'leads',
  'fuse',
  'switch',
  'relief',
] as const;
export type MaterialCode = (typeof MATERIAL_CODES)[number];

/** What an instrument should read when a step is done. */
const shouldRead = z
  .strictObject({
    value: z.number(),
    unit: z.enum(['mm', 'mm/s', 's', 'g', 'deg', 'N', 'turns']),
    low: z.number(),
    high: z.number(),
  })
  .nullable();
const values = z.record(z.string(), z.union([z.number(), z.string(), z.null()]));

/** One piece or one position: which it is, and where the wire's axis or the tool goes. */
const part = z.strictObject({ name: z.string(), atMm: n, lengthMm: n, board: n });

export const jobFindingSchema = z.strictObject({
  code: z.enum([...JOB_CODES, ...FINDING_CODES]),
  level: z.enum(['stop', 'fix', 'note']),
  text: z.string(),
  values,
  /** Patches of the rig that were proven on the rig as it is used. */
  fixes: z.array(z.strictObject({ text: z.string(), patch: z.record(z.string(), z.unknown()) })),
});

/** What comes of a job: `upwind-rod/worksheet` version 1, mm, s, g, N, degrees. */
export const worksheetSchema = z.strictObject({
  format: z.literal('upwind-rod/worksheet'),
  version: z.literal(1),
  kind: z.enum(JOB_KINDS),
  /** The rig as it is used: with the job's foam, tilted, lengthened. */
  rig: rigSchema,
  values: z.record(z.string(), n),
  steps: z.array(z.strictObject({ code: z.enum(STEP_CODES), text: z.string(), values, shouldRead })),
  parts: z.array(part),
  /** What the cutter is built of; none where it is not what the job is about. */
  materials: z
    .array(z.strictObject({ code: z.enum(MATERIAL_CODES), count: z.number().int(), text: z.string(), values }))
    .default([]),
  timeS: n,
  findings: z.array(jobFindingSchema),
});
export type WorksheetDocument = z.infer<typeof worksheetSchema>;
type Finding = z.infer<typeof jobFindingSchema>;
type Step = WorksheetDocument['steps'][number];
export type StepFigures = Omit<Step, 'text'>;
export type JobFindingFigures = Omit<Finding, 'text' | 'fixes'> & {
  readonly fixes: readonly { readonly patch: Readonly<Record<string, unknown>> }[];
};
export type MaterialFigures = Omit<WorksheetDocument['materials'][number], 'text'>;
export type Part = WorksheetDocument['parts'][number];
/** The same before its texts are written. */
export type WorksheetFigures = Omit<WorksheetDocument, 'steps' | 'findings' | 'materials'> & {
  readonly materials: readonly MaterialFigures[];
  readonly steps: readonly StepFigures[];
  readonly findings: readonly JobFindingFigures[];
};
