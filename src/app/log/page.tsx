import { asked, type Query } from '@/app/asked';
import type { Metadata } from 'next';
import { logQuerySchema } from '@/core/documents/logbook';
import { Logbook } from '@/features/logbook/Logbook';
import { log, views } from '@/server/logbook';
import { rigNames } from '@/server/rigs';

export const metadata: Metadata = { title: 'Logbook' };
export const dynamic = 'force-dynamic';

export default async function Page({ searchParams }: { searchParams: Query }) {
  const read = logQuerySchema.safeParse(await asked(searchParams));
  const query = read.success ? read.data : logQuerySchema.parse({});
  const [page, kept, rigs] = [await log(query), await views(), await rigNames()];
  return <Logbook first={page} query={query} views={kept} rigs={rigs} odd={!read.success} />;
}
