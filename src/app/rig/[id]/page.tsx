import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { cache, Suspense } from 'react';
import { jobService } from '@/server/jobs';
import { planService } from '@/server/plans';
import { openRig } from '@/server/rigs';
import { drawer } from '@/server/stock';
import { RigWithPieces } from './RigWithPieces';

/** Read once a request, for its title and its page. */
const opened = cache(openRig);

type Props = { params: Promise<{ id: string }> };

export async function generateMetadata({ params }: Props): Promise<Metadata> {
  const open = await opened((await params).id);
  return { title: open?.record.doc.name || 'Rig' };
}

export default async function Page({ params }: Props) {
  const open = await opened((await params).id);
  if (!open) notFound();
  return (
    <Suspense>
      <RigWithPieces
        key={open.record.id}
        open={open}
        stock={await drawer()}
        plans={await planService.list(open.record.id)}
        jobs={await jobService.list(open.record.id)}
      />
    </Suspense>
  );
}
