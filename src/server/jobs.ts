import 'server-only';
import { jobSchema, type Job } from '@/core/documents/job';
import { tuned } from '@/core/engine/tuned';
import { faultsOf } from '@/core/documents/faults';
import { keptJobs } from '@/db/kept';
import { database } from './db';
import { Refusal, refusal } from './http';
import { keptService } from './keptService';
import { openRig } from './rigs';

const gone = () => refusal(404, 'not-found', 'There is no such job.');
export const jobService = keptService(keptJobs, gone);

/** A job as an open document: its rig laid in as it stands, with its tuning. Refused where the rig's cutter has become another. */
export async function wholeJob(id: string): Promise<Job> {
  const db = await database();
  const record = await keptJobs.get(db, id);
  const open = record && (await openRig(record.rigId));
  if (!record || !open) throw gone();
  const read = jobSchema.safeParse({ ...record.doc, rig: tuned(open.record.doc, open.tuning) });
  if (!read.success) throw new Refusal(422, faultsOf(read.error));
  return read.data;
}
