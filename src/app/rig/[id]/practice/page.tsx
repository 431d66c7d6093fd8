import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { asked, type Query } from '@/app/asked';
import { DRILLS } from '@/core/documents/practice';
import { PracticePage } from '@/features/practice/PracticePage';
import { planService } from '@/server/plans';
import { practiceService } from '@/server/practice';
import { openRig } from '@/server/rigs';

export const metadata: Metadata = { title: 'Practice bench' };
type Props = { params: Promise<{ id: string }>; searchParams: Query };

export default async function Page({ params, searchParams }: Props) {
  const { id } = await params;
  const open = await openRig(id);
  if (!open) notFound();
  const query = await asked(searchParams);
  const trace = query['run'] ? await practiceService.find(query['run']) : null;
  const replay = trace?.kind === 'led' ? trace : null;
  const first = replay?.drill ?? DRILLS.find((d) => d === query['drill']) ?? null;
  return (
    <PracticePage
      open={open}
      runs={await practiceService.list(id)}
      plans={await planService.list(id)}
      first={first}
      replay={replay}
    />
  );
}
