import { z } from 'zod';
import { ownJobSchema, type OwnJob } from '@/core/documents/job';
import { call } from '../api';
import type { JobRecord } from '../types';

const id = z.string().min(1);
const job: z.ZodType<JobRecord> = z.object({ id, rigId: id, revision: z.int(), doc: ownJobSchema });

export const savedJobAnswer = z.object({ record: job });

/** What the pages ask of the server about the jobs on a rig. */
export const jobServer = {
  all: (rig: string) => call('GET', `/api/rigs/${rig}/jobs`, z.array(job)),
  add: (rig: string, doc: OwnJob) => call('POST', `/api/rigs/${rig}/jobs`, job, doc),
  save: (id: string, save: { base: number; doc: OwnJob }) =>
    call('PUT', `/api/jobs/${id}`, savedJobAnswer, save),
  drop: (id: string) => call('DELETE', `/api/jobs/${id}`, z.unknown()),
} as const;
