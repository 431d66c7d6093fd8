import { faultsBetween, ownJobSchema, type OwnJob } from '@/core/documents/job';
import { faultsOf } from '@/core/documents/faults';
import { builtAs, jobsOf } from '@/core/documents/jobKinds';
import type { Rig } from '@/core/documents/rig';
import { notOf } from '@/core/words/cutters';

/**
 * A document as read from a file, its own rig left out: a job that a rig's cutter makes, or the sizes that it is built to; or what keeps
 * it out, with field and rule.
 */
export function readJob(
  text: string,
  frame: Rig['frame'],
  what: 'made' | 'built',
): { readonly ok: true; readonly job: OwnJob } | { readonly ok: false; readonly fault: string } {
  let read: unknown;
  try {
    read = JSON.parse(text);
  } catch {
    return { ok: false, fault: 'is not JSON' };
  }
  const given = read !== null && typeof read === 'object' && !Array.isArray(read) ? { ...read } : {};
  delete (given as { rig?: unknown }).rig;
  const parsed = ownJobSchema.safeParse(given);
  if (!parsed.success) {
    const [first] = faultsOf(parsed.error);
    return { ok: false, fault: `${first!.path}: ${first!.message}` };
  }
  const [against] = faultsBetween(parsed.data);
  if (against) return { ok: false, fault: `${against[0].join('.')}: ${against[1]}` };
  const job = parsed.data;
  const may: readonly string[] = jobsOf(frame);
  const fits = job.kind === 'build' ? job.of.kind === builtAs(frame) : may.includes(job.kind);
  if (!fits) return { ok: false, fault: notOf(frame) };
  if ((job.kind === 'build') !== (what === 'built')) return { ok: false, fault: ELSEWHERE[what] };
  return { ok: true, job };
}

/** What is said of a document that belongs on the other page of the same cutter. */
const ELSEWHERE = {
  made: 'holds the sizes of a cutter: it is taken in on the page Building the cutter',
  built: 'holds a job: it is taken in on the stage Job',
} as const;
