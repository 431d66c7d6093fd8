import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { CallPage } from '@/features/shape/call/CallPage';
import { listEvents } from '@/server/events';
import { listPlans } from '@/server/plans';
import { openRig } from '@/server/rigs';

export const metadata: Metadata = { title: 'Called cut' };
type Props = { params: Promise<{ id: string }>; searchParams: Promise<{ plan?: string }> };

export default async function Page({ params, searchParams }: Props) {
  const { id } = await params;
  const open = await openRig(id);
  if (!open) notFound();
  return (
    <CallPage
      open={open}
      plans={await listPlans(id)}
      events={await listEvents(id)}
      first={(await searchParams).plan ?? null}
    />
  );
}
