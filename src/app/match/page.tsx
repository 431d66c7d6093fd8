import { asked, type Query } from '@/app/asked';
import type { Metadata } from 'next';
import { FOAMS } from '@/core/catalog/foams';
import { foamSchema } from '@/core/documents/rig';
import { reserveOf } from '@/core/documents/rigDefaults';
import { Match } from '@/features/match/Match';
import { openRig, shelf } from '@/server/rigs';
import { drawer } from '@/server/stock';

export const metadata: Metadata = { title: 'What works?' };

/** A feed most hands keep to, mm/s. */
const EASY_FEED = 3;

/** For the cut of the rig that is named, else of the one worked on last. */
export default async function Page({ searchParams }: { searchParams: Query }) {
  const [{ rig }, stock, rigs] = await Promise.all([asked(searchParams), drawer(), shelf(false)]);
  const id = rig ?? rigs.find((r) => FOAMS[r.doc.foam.kind].verdict === 'cut')?.id;
  const open = id ? await openRig(id) : null;
  const own = stock.foams[0];
  const kind = own?.kind ?? 'xps';
  const doc = open?.record.doc;
  const plain = { kind, densityKgM3: own?.densityKgM3 ?? FOAMS[kind].usualDensity, widthMm: 640 };
  const first = {
    frame: doc?.frame.kind ?? ('bow' as const),
    foamStockId: open ? open.record.foamStockId : (own?.id ?? null),
    foam: doc?.foam ?? foamSchema.parse(plain),
    feedMmS: doc?.cut.feedMmS ?? EASY_FEED,
    reserve: doc?.cut.reserve === undefined ? null : reserveOf(doc),
    leadId: stock.leads[0]?.id ?? null,
    lengthsMm: null,
  };
  return <Match stock={stock} first={first} />;
}
