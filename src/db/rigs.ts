import { and, desc, eq, isNull, isNotNull, or } from 'drizzle-orm';
import { settledLabel } from '@/core/documents/supply';
import type { LoggedCut } from '@/core/documents/log';
import type { Rig } from '@/core/documents/rig';
import { MOST_TUNING } from '@/core/engine/tune';
import { noteChanges } from './events';
import type { Db } from './open';
import { cuts, rigs } from './schema';

/** What a rig uses from the stock; a rig with both foam and spool shares its tuning with that pair. */
export interface RigLinks {
  readonly foamStockId: string | null;
  readonly spoolId: string | null;
  readonly supplyId: string | null;
}

/** A rig as kept. */
export interface RigRecord extends RigLinks {
  readonly id: string;
  readonly revision: number;
  readonly doc: Rig;
  readonly demo: boolean;
  readonly touched: boolean;
  readonly archived: boolean;
  readonly updatedAt: string;
}

/** A cut as kept, beside the rig as it was then. */
export interface CutRecord {
  readonly id: string;
  readonly rigId: string;
  readonly rig: Rig;
  readonly cut: LoggedCut;
  readonly demo: boolean;
}

type Row = typeof rigs.$inferSelect;

const toRecord = (r: Row): RigRecord => ({
  id: r.id,
  revision: r.revision,
  doc: { ...r.doc, supply: settledLabel(r.doc.supply) },
  foamStockId: r.foamStockId,
  spoolId: r.spoolId,
  supplyId: r.supplyId,
  demo: r.demo,
  touched: r.touched,
  archived: r.archivedAt !== null,
  updatedAt: new Date(r.updatedAt).toISOString(),
});

const toCut = (r: typeof cuts.$inferSelect): CutRecord => ({
  id: r.id,
  rigId: r.rigId,
  rig: r.rig,
  cut: r.cut,
  demo: r.demo,
});

/** The document as it is stored: tuning 1 and its own spread, whatever was shown. */
function bare(doc: Rig): Rig {
  return { ...doc, foam: { ...doc.foam, tuning: 1, tuningSd: 0.35 } };
}

/** What of a rig is stored by a save: two saves that agree in it are one. */
export const storedParts = (r: { readonly doc: Rig } & RigLinks) => ({ doc: bare(r.doc), ...onlyLinks(r) });

const columns = (doc: Rig) => ({
  name: doc.name,
  doc: bare(doc),
  frameKind: doc.frame.kind,
  foamKind: doc.foam.kind,
  widthMm: doc.foam.widthMm,
});

/** Only the links, whatever else the object carries. */
const onlyLinks = ({ foamStockId, spoolId, supplyId }: RigLinks): RigLinks => ({
  foamStockId,
  spoolId,
  supplyId,
});

/** All rigs, the newest work first. */
export async function listRigs(db: Db, archived = false): Promise<RigRecord[]> {
  const where = archived ? isNotNull(rigs.archivedAt) : isNull(rigs.archivedAt);
  return (await db.select().from(rigs).where(where).orderBy(desc(rigs.updatedAt), rigs.id)).map(toRecord);
}

/** Names of all rigs, archived ones among them. */
export async function rigNames(db: Db): Promise<{ id: string; name: string }[]> {
  return db.select({ id: rigs.id, name: rigs.name }).from(rigs);
}

export async function getRig(db: Db, id: string): Promise<RigRecord | null> {
  const [row] = await db.select().from(rigs).where(eq(rigs.id, id));
  return row ? toRecord(row) : null;
}

export async function insertRig(
  db: Db,
  doc: Rig,
  links: RigLinks,
  demo = false,
  at?: string,
): Promise<RigRecord> {
  return (await insertRigs(db, [{ doc, links, demo, ...(at ? { at } : {}) }]))[0]!;
}

/** Puts in several rigs at once, in their order; `at`, an instant, where they are older than now. */
export async function insertRigs(
  db: Db,
  list: readonly {
    readonly doc: Rig;
    readonly links: RigLinks;
    readonly demo: boolean;
    readonly at?: string;
  }[],
): Promise<RigRecord[]> {
  if (list.length === 0) return [];
  const values = list.map(({ doc, links, demo, at }) => ({
    ...{ id: crypto.randomUUID(), ...columns(doc), ...onlyLinks(links), demo },
    ...(at ? { createdAt: at, updatedAt: at } : {}),
  }));
  return (await db.insert(rigs).values(values).returning()).map(toRecord);
}

/**
 * Saves a rig made on revision `base` and notes what it changed, in one step. Null where another save came first (nothing is
 * changed); the caller then answers with the newer one.
 */
export async function saveRig(
  db: Db,
  id: string,
  base: number,
  doc: Rig,
  links: RigLinks,
): Promise<RigRecord | null> {
  return db.transaction(async (tx) => {
    const here = and(eq(rigs.id, id), eq(rigs.revision, base));
    const [before] = await tx.select({ doc: rigs.doc }).from(rigs).where(here);
    if (!before) return null;
    const at = new Date().toISOString();
    const [row] = await tx
      .update(rigs)
      .set({ ...columns(doc), ...onlyLinks(links), revision: base + 1, touched: true, updatedAt: at })
      .where(here)
      .returning();
    // Another program may have saved since the look above, and this one waited for it.
    if (!row) return null;
    await noteChanges(tx as unknown as Db, id, before.doc, bare(doc), at);
    return toRecord(row);
  });
}

export async function setArchived(db: Db, id: string, archived: boolean): Promise<boolean> {
  const archivedAt = archived ? new Date().toISOString() : null;
  return (
    (await db.update(rigs).set({ archivedAt }).where(eq(rigs.id, id)).returning({ id: rigs.id })).length > 0
  );
}

export async function deleteRig(db: Db, id: string): Promise<boolean> {
  return (await db.delete(rigs).where(eq(rigs.id, id)).returning({ id: rigs.id })).length > 0;
}

/** Holds a rig for the rest of a step: who would change what hangs on it waits until then. False where it is not there. */
export async function holdRig(db: Db, id: string): Promise<boolean> {
  return (await db.select({ id: rigs.id }).from(rigs).where(eq(rigs.id, id)).for('no key update')).length > 0;
}

/** Names of the rigs that use a thing of the stock. */
export async function rigsUsing(
  db: Db,
  what: keyof RigLinks,
  id: string,
): Promise<{ id: string; name: string }[]> {
  return db.select({ id: rigs.id, name: rigs.name }).from(rigs).where(eq(rigs[what], id));
}

/** The cuts that tune a rig: of its foam and spool where it has both, otherwise its own without a pair; oldest first. */
export async function cutsFor(
  db: Db,
  rig: Pick<RigRecord, 'id' | 'foamStockId' | 'spoolId'>,
): Promise<CutRecord[]> {
  const paired = rig.foamStockId !== null && rig.spoolId !== null;
  const where = paired
    ? and(eq(cuts.foamStockId, rig.foamStockId!), eq(cuts.spoolId, rig.spoolId!))
    : and(eq(cuts.rigId, rig.id), or(isNull(cuts.foamStockId), isNull(cuts.spoolId)));
  const newest = await db
    .select()
    .from(cuts)
    .where(where)
    .orderBy(desc(cuts.at), desc(cuts.id))
    .limit(MOST_TUNING);
  return newest.reverse().map(toCut);
}

/**
 * Logs a cut and marks its rig as the newest work, in one step. Under an id that was made before it came, it is taken once: a second time what
 * is there is answered; null where that is another rig's.
 */
export async function insertCut(
  db: Db,
  rig: RigRecord,
  cut: LoggedCut,
  id: string = crypto.randomUUID(),
): Promise<CutRecord | null> {
  return db.transaction(async (tx) => {
    const [row] = await tx
      .insert(cuts)
      .values({
        id,
        rigId: rig.id,
        foamStockId: rig.foamStockId,
        spoolId: rig.spoolId,
        rig: bare(rig.doc),
        cut,
        at: cut.at,
      })
      .onConflictDoNothing()
      .returning();
    if (!row) {
      const [there] = await tx.select().from(cuts).where(eq(cuts.id, id));
      return there?.rigId === rig.id ? toCut(there) : null;
    }
    await tx
      .update(rigs)
      .set({ updatedAt: new Date().toISOString(), touched: true })
      .where(eq(rigs.id, rig.id));
    return toCut(row);
  });
}

export async function deleteCut(db: Db, rigId: string, id: string): Promise<boolean> {
  const here = and(eq(cuts.id, id), eq(cuts.rigId, rigId));
  return (await db.delete(cuts).where(here).returning({ id: cuts.id })).length > 0;
}
