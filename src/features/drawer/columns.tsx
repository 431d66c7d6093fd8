import { ALLOYS } from '@/core/catalog/alloys';
import { FOAMS } from '@/core/catalog/foams';
import { pieceWords } from './piece';
import type { Role } from '@/core/units/profile';
import type { StockItems, StockKind } from '@/state/types';
import { OriginMark } from '@/ui/OriginMark';
import { CONTROL_WORDS, SUPPLY_WORDS } from './names';

type Typed = (v: number, role: Role) => string;

/** One column of a list: its head, what it sorts by, what stands in its cell. */
export interface Column<K extends StockKind> {
  readonly head: string;
  readonly by: (item: StockItems[K]) => number | string | null;
  readonly cell: (item: StockItems[K], typed: Typed) => React.ReactNode;
  readonly figures?: boolean;
}

const price = (p: number | null) => (p === null ? '–' : p.toFixed(2));

export const COLUMNS: { readonly [K in StockKind]: readonly Column<K>[] } = {
  spools: [
    { head: 'alloy', by: (s) => ALLOYS[s.alloy].name, cell: (s) => ALLOYS[s.alloy].name },
    {
      head: 'gauge',
      figures: true,
      by: (s) => s.diameterMm,
      cell: (s, typed) => `${typed(s.diameterMm, 'wireDiameter')}${s.strands > 1 ? ` × ${s.strands}` : ''}`,
    },
    {
      head: 'resistance per metre',
      figures: true,
      by: (s) => s.ohmPerM,
      cell: (s) =>
        s.ohmPerM === null ? (
          <i className="dim">catalogue</i>
        ) : (
          <>
            {s.ohmPerM} Ω <small className="dim">measured</small>
          </>
        ),
    },
    {
      head: 'left',
      figures: true,
      by: (s) => s.metres,
      cell: (s) => (s.metres === null ? 'not counted' : `${s.metres} m`),
    },
    { head: 'price a metre', figures: true, by: (s) => s.pricePerM, cell: (s) => price(s.pricePerM) },
  ],
  supplies: [
    {
      head: 'kind',
      by: (s) => SUPPLY_WORDS[s.supply.kind],
      cell: ({ supply: s }) =>
        s.battery
          ? `${SUPPLY_WORDS[s.kind]}, ${s.battery.cells} ${s.battery.chemistry.replace('-', ' ')} cells, ${s.battery.ampHours} Ah`
          : SUPPLY_WORDS[s.kind],
    },
    {
      head: 'label says',
      figures: true,
      by: (s) => s.supply.volts,
      cell: ({ supply }, typed) =>
        `${typed(supply.volts, 'volts')}${supply.maxAmps !== null ? `, ${typed(supply.maxAmps, 'amps')}` : supply.ratedVA ? `, ${supply.ratedVA} VA` : ', max current not known'}${supply.current === 'ac' ? ' ac' : ''}`,
    },
    {
      head: 'min wire resistance',
      figures: true,
      by: ({ supply }) => (supply.maxAmps === null ? null : supply.volts / supply.maxAmps),
      cell: ({ supply }) =>
        supply.maxAmps === null ? '–' : `${(supply.volts / supply.maxAmps).toPrecision(3)} Ω`,
    },
    { head: 'control', by: (s) => CONTROL_WORDS[s.control], cell: (s) => CONTROL_WORDS[s.control] },
    {
      head: 'price',
      figures: true,
      by: (s) => s.price,
      cell: (s) => (s.have ? 'have it' : `to buy, ${price(s.price)}`),
    },
  ],
  controls: [
    { head: 'kind', by: (c) => CONTROL_WORDS[c.control.kind], cell: (c) => CONTROL_WORDS[c.control.kind] },
    {
      head: 'rated',
      figures: true,
      by: (c) => c.control.ratedAmps,
      cell: (c, typed) =>
        c.control.ratedAmps !== null
          ? typed(c.control.ratedAmps, 'amps')
          : c.control.ratedWatts !== null
            ? `${c.control.ratedWatts} W`
            : 'not known',
    },
    { head: 'steps', figures: true, by: (c) => c.control.steps, cell: (c) => c.control.steps ?? 'fine' },
    {
      head: 'price',
      figures: true,
      by: (c) => c.price,
      cell: (c) => (c.have ? 'have it' : `to buy, ${price(c.price)}`),
    },
  ],
  leads: [
    {
      head: 'cross-section',
      figures: true,
      by: (l) => l.areaMm2,
      cell: (l, typed) => typed(l.areaMm2, 'area'),
    },
    {
      head: 'out and back',
      figures: true,
      by: (l) => l.lengthMm,
      cell: (l, typed) => typed(l.lengthMm, 'leadLength'),
    },
    {
      head: 'contacts',
      figures: true,
      by: (l) => l.contactOhm,
      cell: (l, typed) => typed(l.contactOhm, 'ohms'),
    },
  ],
  foams: [
    { head: 'kind', by: (f) => FOAMS[f.kind].name, cell: (f) => FOAMS[f.kind].name },
    {
      head: 'density',
      figures: true,
      by: (f) => f.densityKgM3,
      cell: (f, typed) => typed(f.densityKgM3, 'density'),
    },
    { head: 'where from', by: (f) => f.origin, cell: (f) => <OriginMark origin={f.origin} /> },
    { head: 'lot', by: (f) => f.piece?.lot ?? null, cell: (f) => f.piece?.lot ?? '' },
    { head: 'looked over', by: (f) => f.piece?.flaws.length ?? null, cell: (f) => pieceWords(f.piece) },
  ],
};

/** A list sorted by a column, up or down; what is not known stands last either way. */
export function sorted<K extends StockKind>(
  items: readonly StockItems[K][],
  column: Column<K> | null,
  down: boolean,
): StockItems[K][] {
  const { compare } = new Intl.Collator('en', { numeric: true });
  const key = (item: StockItems[K]) => (column ? column.by(item) : item.name);
  return [...items].sort((a, b) => {
    const [x, y] = [key(a), key(b)];
    if (x === null || y === null) return x === y ? 0 : x === null ? 1 : -1;
    const way = typeof x === 'number' && typeof y === 'number' ? x - y : compare(String(x), String(y));
    return down ? -way : way;
  });
}
