'use client';
import type { OwnJob } from '@/core/documents/job';
import type { Rig } from '@/core/documents/rig';
import type { WorksheetFigures } from '@/core/documents/worksheet';
import type { JobAnswer, JobRequest } from '@/workers/protocol';
import { asPort, useWorker } from './useWorker';

const DEADLINE_MS = 20000;

const make = () =>
  asPort<JobRequest, JobAnswer>(
    new Worker(new URL('../workers/job.worker.ts', import.meta.url), { type: 'module' }),
  );

/** A job on a rig, worked out in a worker; the old answer stays until the new one comes. */
export function useWorksheet(
  rig: Rig,
  job: OwnJob,
): { readonly sheet: WorksheetFigures | null; readonly fault: string | null; readonly stale: boolean } {
  const { good, refused, late, stale } = useWorker<JobRequest, JobAnswer>(
    make,
    { job, rig },
    [job, rig],
    DEADLINE_MS,
  );
  return {
    sheet: good?.sheet ?? null,
    fault: late ? 'It took too long and was stopped.' : refused,
    stale,
  };
}
