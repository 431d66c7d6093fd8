import 'server-only';
import { z } from 'zod';
import { jobSchema, type Job } from '@/core/documents/job';
import { jigsOf } from '@/core/engine/jobs/jig';
import { worksheetOf } from '@/core/engine/jobs/worksheet';
import { tuned } from '@/core/engine/tuned';
import type { Profile } from '@/core/units/profile';
import { JOB_NAMES } from '@/core/words/jobNames';
import { jobFindingWords } from '@/core/words/jobs';
import { shouldReadText, stepText } from '@/core/words/jobSteps';
import { materialText } from '@/core/words/materials';
import { NO_NAME } from '@/core/words/names';
import { sayIn } from '@/core/words/say';
import { partsPdf } from '@/formats/print/partsPdf';
import { templatePdf } from '@/formats/print/templatePdf';
import { faultsOf } from '@/core/documents/faults';
import { keptJobs } from '@/db/kept';
import { database } from './db';
import { pdfDownload, Refusal, refusal } from './http';
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

export const jobPrintQuerySchema = z.strictObject({ paper: z.enum(['a4', 'a3', 'letter']).default('a4') });

/** A job on paper: its steps with what should be read, and its jigs at full size. Refused while something stops it. */
export async function printJob(
  id: string,
  { paper }: z.output<typeof jobPrintQuerySchema>,
  profile: Profile,
): Promise<Response> {
  const job = await wholeJob(id);
  const sheet = worksheetOf(job);
  const say = sayIn(profile);
  const stop = sheet.findings.find((f) => f.level === 'stop');
  if (stop)
    throw refusal(
      422,
      stop.code,
      `Nothing is printed while this stops the job: ${jobFindingWords(stop, say).head}.`,
    );
  const { rig: _, ...own } = job;
  const name = job.name || JOB_NAMES[job.kind];
  const steps = sheet.steps.map(
    (s) => `${stepText(s, say)}${s.shouldRead ? ` Reads ${shouldReadText(s.shouldRead, say)}.` : ''}`,
  );
  const pdf =
    job.kind === 'build'
      ? await partsPdf({
          title: `${name}: ${job.rig.name || NO_NAME}`,
          parts: sheet.materials.map((m) => ({ count: m.count, ...materialText(m, say) })),
          steps,
          paper,
        })
      : await templatePdf({
          title: name,
          pieces: jigsOf(own, sheet),
          lines: steps.map((s, i) => `${i + 1}. ${s}`),
          paper,
        });
  return pdfDownload(pdf, name, 'job');
}
