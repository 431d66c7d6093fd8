import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { FirstHeat } from '@/features/firstHeat/FirstHeat';
import { listEvents } from '@/server/events';
import { openRig } from '@/server/rigs';

export const metadata: Metadata = { title: 'First heat' };

export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  const { id } = await params;
  const open = await openRig(id);
  if (!open) notFound();
  return <FirstHeat open={open} events={await listEvents(id)} />;
}
