import { z } from 'zod';
import { FINDING_CODES } from './reading';
import { JOB_KINDS } from './jobKinds';
import { rigSchema } from './rig';
import { JOB_CODES } from './jobCodes';
import { STEP_CODES } from './stepCodes';
import { MATERIAL_CODES } from './materialCodes';

const n = z.number().nullable();

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
