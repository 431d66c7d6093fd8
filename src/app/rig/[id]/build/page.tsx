import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { BuildPage } from '@/features/jobs/build/BuildPage';
import { jobService } from '@/server/jobs';
import { openRig } from '@/server/rigs';

export const metadata: Metadata = { title: 'Building the cutter' };

export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  const { id } = await params;
  const open = await openRig(id);
  if (!open) notFound();
  return <BuildPage open={open} jobs={await jobService.list(id)} />;
}
