import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { asked, type Query } from '@/app/asked';
import { TemplatesPage } from '@/features/shape/TemplatesPage';
import { planService } from '@/server/plans';
import { openRig } from '@/server/rigs';

export const metadata: Metadata = { title: 'Templates' };
type Props = { params: Promise<{ id: string }>; searchParams: Query };

export default async function Page({ params, searchParams }: Props) {
  const { id } = await params;
  const open = await openRig(id);
  if (!open) notFound();
  return (
    <TemplatesPage
      open={open}
      plans={await planService.list(id)}
      first={(await asked(searchParams))['plan'] ?? null}
    />
  );
}
