import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { Heat } from '@/features/heat/Heat';
import { openRig } from '@/server/rigs';

export const metadata: Metadata = { title: 'Heat along and over time' };

export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  const open = await openRig((await params).id);
  if (!open) notFound();
  return <Heat open={open} />;
}
