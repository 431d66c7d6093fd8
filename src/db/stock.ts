import { eq } from 'drizzle-orm';
import type { AlloyId } from '@/core/catalog/alloys';
import type { FoamPiece } from '@/core/documents/foamPiece';
import type { FoamId } from '@/core/catalog/foams';
import type { Control } from '@/core/documents/control';
import type { LooseControl } from '@/core/documents/drawer';
import type { Origin } from '@/core/documents/rig';
import type { Supply } from '@/core/documents/supply';
import type { Db } from './open';
import { controls, foamStock, leadPairs, spools, supplies } from './schema';

/** Foam on the shelf. */
export interface FoamStock {
  readonly id: string;
  readonly name: string;
  readonly kind: FoamId;
  readonly densityKgM3: number;
  readonly origin: Origin;
  readonly note: string;
  /** Samples, corners, flaws, lot, sheet and skins; null where nothing of that is known. */
  readonly piece: FoamPiece | null;
  readonly demo: boolean;
}

/** A spool of wire; metres null where nobody counted. */
export interface Spool {
  readonly id: string;
  readonly name: string;
  readonly alloy: AlloyId;
  readonly diameterMm: number;
  readonly strands: 1 | 3 | 7 | 19;
  readonly metres: number | null;
  /** Ohms a metre as measured; null: the catalogue's. */
  readonly ohmPerM: number | null;
  readonly pricePerM: number | null;
  readonly note: string;
  readonly demo: boolean;
}

/** A supply in the drawer, with the control that belongs to it. */
export interface SupplyStock {
  readonly id: string;
  readonly name: string;
  readonly supply: Supply;
  readonly control: Control['kind'];
  /** False: seen somewhere, still to be bought. */
  readonly have: boolean;
  readonly price: number | null;
  readonly note: string;
  readonly demo: boolean;
}

/** A control that goes with more than one supply. */
export interface ControlStock {
  readonly id: string;
  readonly name: string;
  readonly control: LooseControl;
  readonly have: boolean;
  readonly price: number | null;
  readonly note: string;
  readonly demo: boolean;
}

/** A pair of leads: all its copper, out and back. */
export interface LeadStock {
  readonly id: string;
  readonly name: string;
  readonly areaMm2: number;
  readonly lengthMm: number;
  readonly contactOhm: number;
  readonly note: string;
  readonly demo: boolean;
}

/** What each list of the drawer holds. */
export interface StockItems {
  readonly foams: FoamStock;
  readonly spools: Spool;
  readonly supplies: SupplyStock;
  readonly controls: ControlStock;
  readonly leads: LeadStock;
}
export type StockKind = keyof StockItems;
export const STOCK_KINDS = ['foams', 'spools', 'supplies', 'controls', 'leads'] as const satisfies StockKind[];
export type Stock = { readonly [K in StockKind]: readonly StockItems[K][] };
/** A thing before it has its number. */
export type NewStock<K extends StockKind> = Omit<StockItems[K], 'id'>;

const TABLES = { foams: foamStock, spools, supplies, controls, leads: leadPairs } as const;
/** The tables seen alike: each row is its item and the time it was made. */
type AnyTable = typeof foamStock;
const tableOf = (kind: StockKind) => TABLES[kind] as unknown as AnyTable;

function asItem<K extends StockKind>(row: object): StockItems[K] {
  const { createdAt: _, ...item } = row as { createdAt: unknown };
  return item as unknown as StockItems[K];
}

/** One list of the drawer, by name. */
async function list<K extends StockKind>(db: Db, kind: K): Promise<StockItems[K][]> {
  const { compare } = new Intl.Collator('en', { numeric: true });
  const rows = await db.select().from(tableOf(kind));
  return rows.map((r) => asItem<K>(r)).sort((a, b) => compare(a.name, b.name));
}

/** All of the drawer, by name. */
export async function listStock(db: Db): Promise<Stock> {
  return {
    foams: await list(db, 'foams'),
    spools: await list(db, 'spools'),
    supplies: await list(db, 'supplies'),
    controls: await list(db, 'controls'),
    leads: await list(db, 'leads'),
  };
}

export async function insertStock<K extends StockKind>(
  db: Db,
  kind: K,
  item: NewStock<K>,
): Promise<StockItems[K]> {
  return (await insertStocks(db, kind, [item]))[0]!;
}

/** Puts several things of one list into the drawer at once. */
export async function insertStocks<K extends StockKind>(
  db: Db,
  kind: K,
  items: readonly NewStock<K>[],
): Promise<StockItems[K][]> {
  if (items.length === 0) return [];
  const values = items.map((item) => ({ id: crypto.randomUUID(), ...item }));
  const rows = await db
    .insert(tableOf(kind))
    .values(values as unknown as AnyTable['$inferInsert'][])
    .returning();
  return rows.map((row) => asItem<K>(row));
}

export async function updateStock<K extends StockKind>(
  db: Db,
  kind: K,
  at: string,
  item: Partial<NewStock<K>>,
): Promise<StockItems[K] | null> {
  const table = tableOf(kind);
  const set = item as unknown as Partial<AnyTable['$inferInsert']>;
  const [row] = await db.update(table).set(set).where(eq(table.id, at)).returning();
  return row ? asItem<K>(row) : null;
}

/** Takes metres off a spool, if it has them: 'short' where it has fewer, null where there is no such spool. */
export async function takeMetres(db: Db, at: string, metres: number): Promise<Spool | 'short' | null> {
  return db.transaction(async (tx) => {
    const [now] = await tx.select().from(spools).where(eq(spools.id, at)).for('update');
    if (!now) return null;
    if (now.metres === null) return asItem<'spools'>(now);
    if (now.metres < metres) return 'short';
    const left = Number((now.metres - metres).toFixed(6));
    const [row] = await tx.update(spools).set({ metres: left }).where(eq(spools.id, at)).returning();
    return asItem<'spools'>(row!);
  });
}

/** Takes a thing out of the drawer; rigs that used it keep their document and lose the link. */
export async function deleteStock(db: Db, kind: StockKind, at: string): Promise<boolean> {
  const table = tableOf(kind);
  return (await db.delete(table).where(eq(table.id, at)).returning({ id: table.id })).length > 0;
}
