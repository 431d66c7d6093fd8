import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { CodePage } from '@/features/jobs/towers/code/CodePage';
import { isTowerKind } from '@/core/documents/towerJobs';
import { jobService } from '@/server/jobs';
import { openRig } from '@/server/rigs';

export const metadata: Metadata = { title: 'Motion code' };

export default async function Page(p: {
  params: Promise<{ id: string }>;
  searchParams: Promise<{ job?: string | string[] }>;
}) {
  const { id } = await p.params;
  const { job } = await p.searchParams;
  const open = await openRig(id);
  if (!open) notFound();
  const jobs = await jobService.list(id);
  return <CodePage open={open} job={jobs.find((j) => j.id === job && isTowerKind(j.doc.kind)) ?? null} />;
}
