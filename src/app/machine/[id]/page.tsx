import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { MachinePage } from '@/features/jobs/towers/machine/MachinePage';
import { machineService } from '@/server/machines';

export const metadata: Metadata = { title: 'Machine' };
export const dynamic = 'force-dynamic';

export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  const { id } = await params;
  const record = await machineService.get(id);
  if (!record) notFound();
  return <MachinePage key={record.id} record={record} />;
}
