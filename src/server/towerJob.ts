import 'server-only';
import { notFound } from 'next/navigation';
import { isTowerKind } from '@/core/documents/towerJobs';
import { jobService } from './jobs';
import { openRig } from './rigs';

/** What a page of a job of motor towers is drawn from: its rig, and the job that its address names. */
export async function towerJob(p: {
  readonly params: Promise<{ id: string }>;
  readonly searchParams: Promise<{ job?: string | string[] }>;
}) {
  const { id } = await p.params;
  const { job } = await p.searchParams;
  const open = await openRig(id);
  if (!open) notFound();
  const jobs = await jobService.list(id);
  return { open, job: jobs.find((j) => j.id === job && isTowerKind(j.doc.kind)) ?? null };
}
