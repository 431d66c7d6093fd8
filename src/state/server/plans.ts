import { z } from 'zod';
import { piecePlanSchema, planSchema, type PiecePlan } from '@/core/documents/plan';
import { call } from '../api';
import type { PlanRecord } from '../types';

const id = z.string().min(1);
const plan: z.ZodType<PlanRecord> = z.object({ id, rigId: id, revision: z.int(), doc: piecePlanSchema });

export const savedPlanAnswer = z.object({ record: plan });

/** What the pages ask of the server about the pieces planned on a rig. */
export const planServer = {
  all: (rig: string) => call('GET', `/api/rigs/${rig}/plans`, z.array(plan)),
  /** Pieces of all rigs, by name. */
  names: () => call('GET', '/api/plans', z.array(z.object({ id, name: z.string(), rig: z.string() }))),
  document: (id: string) => call('GET', `/api/plans/${id}/document`, planSchema),
  add: (rig: string, doc: PiecePlan) => call('POST', `/api/rigs/${rig}/plans`, plan, doc),
  save: (id: string, save: { base: number; doc: PiecePlan }) =>
    call('PUT', `/api/plans/${id}`, savedPlanAnswer, save),
  drop: (id: string) => call('DELETE', `/api/plans/${id}`, z.unknown()),
} as const;
