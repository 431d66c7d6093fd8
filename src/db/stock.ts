import { eq } from 'drizzle-orm';
import type { AlloyId } from '@/core/catalog/alloys';
import type { FoamId } from '@/core/catalog/foams';
import type { Control } from '@/core/documents/control';
import type { Origin } from '@/core/documents/rig';
import type { Supply } from '@/core/documents/supply';
import type { Db } from './open';
import { foamStock, spools, supplies } from './schema';

/** Foam on the shelf. */
export interface FoamStock {
  readonly id: string;
  readonly name: string;
  readonly kind: FoamId;
  readonly densityKgM3: number;
  readonly origin: Origin;
  readonly note: string;
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
  readonly note: string;
  readonly demo: boolean;
}

/** A supply in the drawer, with the control that belongs to it. */
export interface SupplyStock {
  readonly id: string;
  readonly name: string;
  readonly supply: Supply;
  readonly control: Control['kind'];
  readonly note: string;
  readonly demo: boolean;
}

export interface Stock {
  readonly foams: readonly FoamStock[];
  readonly spools: readonly Spool[];
  readonly supplies: readonly SupplyStock[];
}

export type NewFoam = Omit<FoamStock, 'id'>;
export type NewSpool = Omit<Spool, 'id'>;
export type NewSupply = Omit<SupplyStock, 'id'>;

const asFoam = (r: typeof foamStock.$inferSelect): FoamStock => ({
  id: r.id,
  name: r.name,
  kind: r.kind as FoamId,
  densityKgM3: r.densityKgM3,
  origin: r.origin as Origin,
  note: r.note,
  demo: r.demo,
});
const asSpool = (r: typeof spools.$inferSelect): Spool => ({
  id: r.id,
  name: r.name,
  alloy: r.alloy as AlloyId,
  diameterMm: r.diameterMm,
  strands: r.strands as Spool['strands'],
  metres: r.metres,
  note: r.note,
  demo: r.demo,
});
const asSupply = (r: typeof supplies.$inferSelect): SupplyStock => ({
  id: r.id,
  name: r.name,
  supply: r.supply,
  control: r.control,
  note: r.note,
  demo: r.demo,
});

const byName = <T extends { name: string }>(list: T[]): T[] => {
  const { compare } = new Intl.Collator('en', { numeric: true });
  return list.sort((a, b) => compare(a.name, b.name));
};

/** All of the drawer, by name. */
export async function listStock(db: Db): Promise<Stock> {
  return {
    foams: byName((await db.select().from(foamStock)).map(asFoam)),
    spools: byName((await db.select().from(spools)).map(asSpool)),
    supplies: byName((await db.select().from(supplies)).map(asSupply)),
  };
}

const id = () => crypto.randomUUID();

export async function insertFoam(db: Db, foam: NewFoam): Promise<FoamStock> {
  return asFoam(
    (
      await db
        .insert(foamStock)
        .values({ id: id(), ...foam })
        .returning()
    )[0]!,
  );
}
export async function insertSpool(db: Db, spool: NewSpool): Promise<Spool> {
  return asSpool(
    (
      await db
        .insert(spools)
        .values({ id: id(), ...spool })
        .returning()
    )[0]!,
  );
}
export async function insertSupply(db: Db, supply: NewSupply): Promise<SupplyStock> {
  return asSupply(
    (
      await db
        .insert(supplies)
        .values({ id: id(), ...supply })
        .returning()
    )[0]!,
  );
}

export async function updateFoam(db: Db, at: string, foam: Partial<NewFoam>): Promise<FoamStock | null> {
  const [row] = await db.update(foamStock).set(foam).where(eq(foamStock.id, at)).returning();
  return row ? asFoam(row) : null;
}
export async function updateSpool(db: Db, at: string, spool: Partial<NewSpool>): Promise<Spool | null> {
  const [row] = await db.update(spools).set(spool).where(eq(spools.id, at)).returning();
  return row ? asSpool(row) : null;
}
export async function updateSupply(
  db: Db,
  at: string,
  supply: Partial<NewSupply>,
): Promise<SupplyStock | null> {
  const [row] = await db.update(supplies).set(supply).where(eq(supplies.id, at)).returning();
  return row ? asSupply(row) : null;
}

const TABLES = { foams: foamStock, spools, supplies } as const;
export type StockKind = keyof typeof TABLES;

/** Takes a thing out of the drawer; rigs that used it keep their document and lose the link. */
export async function deleteStock(db: Db, kind: StockKind, at: string): Promise<boolean> {
  const table = TABLES[kind];
  return (await db.delete(table).where(eq(table.id, at)).returning({ id: table.id })).length > 0;
}
