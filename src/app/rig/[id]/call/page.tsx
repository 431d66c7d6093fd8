import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { asked, type Query } from '@/app/asked';
import { CallPage } from '@/features/shape/call/CallPage';
import { listEvents } from '@/server/events';
import { planService } from '@/server/plans';
import { openRig } from '@/server/rigs';

export const metadata: Metadata = { title: 'Called cut' };
type Props = { params: Promise<{ id: string }>; searchParams: Query };

export default async function Page({ params, searchParams }: Props) {
  const { id } = await params;
  const open = await openRig(id);
  if (!open) notFound();
  return (
    <CallPage
      open={open}
      plans={await planService.list(id)}
      events={await listEvents(id)}
      first={(await asked(searchParams))['plan'] ?? null}
    />
  );
}
