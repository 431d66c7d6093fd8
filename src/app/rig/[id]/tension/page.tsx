import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { Tension } from '@/features/tension/Tension';
import { listPulls } from '@/server/pulls';
import { openRig } from '@/server/rigs';

export const metadata: Metadata = { title: 'Set the tension' };

export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  const { id } = await params;
  const open = await openRig(id);
  if (!open) notFound();
  return <Tension open={open} pulls={await listPulls(id)} />;
}
