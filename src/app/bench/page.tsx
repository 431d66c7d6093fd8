import { asked, type Query } from '@/app/asked';
import type { Metadata } from 'next';
import { Bench } from '@/features/bench/Bench';
import { letsOthersIn } from '@/server/access';
import { shelf } from '@/server/rigs';

export const metadata: Metadata = { title: 'At the bench' };

export default async function Page({ searchParams }: { searchParams: Query }) {
  const rigs = await shelf(false);
  const { rig } = await asked(searchParams);
  return <Bench rigs={rigs} chosen={rigs.find((r) => r.id === rig) ?? null} open={letsOthersIn()} />;
}
