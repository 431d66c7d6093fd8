import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { Wiring } from '@/features/wiring/Wiring';
import { openRig } from '@/server/rigs';

export const metadata: Metadata = { title: 'Wiring' };

export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  const open = await openRig((await params).id);
  if (!open) notFound();
  return <Wiring open={open} />;
}
