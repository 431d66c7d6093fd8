import { z } from 'zod';
import { rigSchema } from '@/core/documents/rig';
import { loggedCutSchema } from '@/core/documents/log';
import type { Tuning } from '@/core/engine/tune';
import type { CutRecord, OpenRig, RigRecord } from '../types';

/** The answers of the server about a rig, as its pages take them: what does not fit is not shown. */
const id = z.string().min(1);
const instant = z.string().min(1);
const count = z.number().nonnegative();

const rigRecord: z.ZodType<RigRecord> = z.object({
  id,
  revision: z.int(),
  doc: rigSchema,
  foamStockId: id.nullable(),
  spoolId: id.nullable(),
  supplyId: id.nullable(),
  demo: z.boolean(),
  touched: z.boolean(),
  archived: z.boolean(),
  updatedAt: instant,
});
const cutRecord: z.ZodType<CutRecord> = z.object({
  id,
  rigId: id,
  rig: rigSchema,
  cut: loggedCutSchema,
  demo: z.boolean(),
});
const tuning: z.ZodType<Tuning> = z.object({
  logMean: z.number(),
  logSd: count,
  slowMean: z.number(),
  slowSd: count,
  setAside: z.array(z.int()),
  used: count,
  shownSd: count,
});
export const openRigAnswer: z.ZodType<OpenRig> = z.object({
  record: rigRecord,
  cuts: z.array(cutRecord),
  tuning,
});

/** After a cut was logged: the rig with its new tuning, and whether the cut counts in it. */
export const loggedAnswer = z.object({ open: openRigAnswer, counts: z.boolean() });
