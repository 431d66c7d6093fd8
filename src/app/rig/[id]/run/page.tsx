import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { RunPage } from '@/features/jobs/towers/run/RunPage';
import { isTowerKind } from '@/core/documents/towerJobs';
import { jobService } from '@/server/jobs';
import { openRig } from '@/server/rigs';

export const metadata: Metadata = { title: 'Run' };

export default async function Page(p: {
  params: Promise<{ id: string }>;
  searchParams: Promise<{ job?: string | string[] }>;
}) {
  const { id } = await p.params;
  const { job } = await p.searchParams;
  const open = await openRig(id);
  if (!open) notFound();
  const jobs = await jobService.list(id);
  return <RunPage open={open} job={jobs.find((j) => j.id === job && isTowerKind(j.doc.kind)) ?? null} />;
}
