import { madeSchema } from '../../documents/event';
import type { OwnJob } from '../../documents/job';

/** The size that a job asks for, mm; null where it is no single one. */
export function wantedMm(job: OwnJob): number | null {
  if (job.kind === 'sheets') return job.sheetMm;
  if (job.kind === 'disc') return job.outerMm;
  return job.kind === 'strips' || job.kind === 'groove' ? job.widthMm : null;
}

/** An entry of the logbook: what a job made. */
export const madeEvent = (
  job: OwnJob,
  jobId: string,
  of: { at: string; count: number; measuredMm: number | null; change: string },
) => madeSchema.parse({ kind: 'made', jobId, job: job.name, work: job.kind, wantedMm: wantedMm(job), ...of });
