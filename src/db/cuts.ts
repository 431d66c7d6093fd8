import { and, eq, gte, inArray, sql } from 'drizzle-orm';
import type { LoggedCut } from '@/core/documents/log';
import type { Rig } from '@/core/documents/rig';
import type { Db } from './open';
import type { RigRecord } from './rigs';
import { cuts } from './schema';

/** A cut to be put in: under its own id where it has one, on a rig, beside the rig as it then was. */
export interface NewCut {
  readonly id: string | null;
  readonly rig: RigRecord;
  readonly doc: Rig;
  readonly cut: LoggedCut;
}

/** Rows put in, and asked for, at a time. */
const ROWS = 500;

/** Puts many cuts in, whole or not at all. One whose id is here already is left as it is and counted. */
export async function addCuts(db: Db, put: readonly NewCut[]): Promise<{ cuts: number; already: number }> {
  return db.transaction(async (tx) => {
    let added = 0;
    for (let i = 0; i < put.length; i += ROWS) {
      const rows = put.slice(i, i + ROWS).map(({ id, rig, doc, cut }) => ({
        id: id ?? crypto.randomUUID(),
        rigId: rig.id,
        foamStockId: rig.foamStockId,
        spoolId: rig.spoolId,
        rig: { ...doc, foam: { ...doc.foam, tuning: 1, tuningSd: 0.35 } },
        cut,
        at: cut.at,
      }));
      const done = await tx.insert(cuts).values(rows).onConflictDoNothing().returning({ id: cuts.id });
      added += done.length;
    }
    return { cuts: added, already: put.length - added };
  });
}

/** Cuts by id beside their rigs, the oldest first. */
export async function cutsWithRigs(
  db: Db,
  ids: readonly string[],
): Promise<{ id: string; rig: Rig; cut: LoggedCut }[]> {
  const out: { id: string; rig: Rig; cut: LoggedCut }[] = [];
  for (let i = 0; i < ids.length; i += ROWS) {
    const some = ids.slice(i, i + ROWS);
    const found = await db
      .select({ id: cuts.id, rig: cuts.rig, cut: cuts.cut })
      .from(cuts)
      .where(inArray(cuts.id, some));
    const byId = new Map(found.map((f) => [f.id, f]));
    for (const id of some) if (byId.has(id)) out.push(byId.get(id)!);
  }
  return out;
}

/** How many cuts a rig made since a time (null: ever), metres of depth in all, and when the last was. */
export async function cutsSince(
  db: Db,
  rigId: string,
  since: string | null,
): Promise<{ cuts: number; metres: number; lastCut: string | null }> {
  const [row] = await db
    .select({
      cuts: sql<number>`count(*)::int`,
      mm: sql<number | null>`sum((cut->>'depthMm')::double precision)`,
      last: sql<string | null>`max(at)`,
    })
    .from(cuts)
    .where(and(eq(cuts.rigId, rigId), since === null ? undefined : gte(cuts.at, since)));
  return {
    cuts: row!.cuts,
    metres: (row!.mm ?? 0) / 1000,
    lastCut: row!.last && new Date(row!.last).toISOString(),
  };
}

/** What is measured of a cut after it was logged. */
export interface CutAfter {
  readonly kerfMm: number | null;
  readonly sanded: LoggedCut['sanded'] | null;
  readonly seen: LoggedCut['seen'];
  readonly note: string;
}

/** Writes what was measured afterwards over a cut of a rig; null where there is none such. */
export async function amendCut(db: Db, rigId: string, id: string, after: CutAfter): Promise<LoggedCut | null> {
  return db.transaction(async (tx) => {
    const here = and(eq(cuts.id, id), eq(cuts.rigId, rigId));
    const [row] = await tx.select({ cut: cuts.cut }).from(cuts).where(here).for('update');
    if (!row) return null;
    const { sanded: _, ...was } = row.cut;
    const { sanded, ...rest } = after;
    const cut: LoggedCut = { ...was, ...rest, ...(sanded ? { sanded } : {}) };
    await tx.update(cuts).set({ cut }).where(here);
    return cut;
  });
}
