import { asked, type Query } from '@/app/asked';
import type { Metadata } from 'next';
import { Compare } from '@/features/compare/Compare';
import { shelf } from '@/server/rigs';

export const metadata: Metadata = { title: 'Compare' };

export default async function Page({ searchParams }: { searchParams: Query }) {
  const rigs = await shelf(false);
  const named = (await asked(searchParams))['rigs']?.split(',').filter((id) => rigs.some((r) => r.id === id));
  const ids = named ?? rigs.slice(0, 2).map((r) => r.id);
  return <Compare rigs={rigs} ids={ids.slice(0, 4)} />;
}
