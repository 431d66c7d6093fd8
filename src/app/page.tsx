import { asked, type Query } from './asked';
import { Shelf } from '@/features/shelf/Shelf';
import { damageTold } from '@/server/backup';
import { shelf } from '@/server/rigs';
import { drawer } from '@/server/stock';

export default async function Page({ searchParams }: { searchParams: Query }) {
  const away = (await asked(searchParams))['away'] === '1';
  const rigs = await shelf(away);
  const stock = rigs.length === 0 && !away ? await drawer() : null;
  const empty =
    stock !== null &&
    stock.foams.length + stock.spools.length + stock.supplies.length === 0 &&
    (await shelf(true)).length === 0;
  return <Shelf rigs={rigs} away={away} empty={empty} damage={damageTold()} />;
}
