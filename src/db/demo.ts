import { and, eq, sql } from 'drizzle-orm';
import type { LoggedCut } from '@/core/documents/log';
import type { Rig } from '@/core/documents/rig';
import type { Db } from './open';
import type { insertCut } from './rigs';
import { getRig, insertRig } from './rigs';
import { cuts, foamStock, rigs, spools, supplies } from './schema';
import { insertFoam, insertSpool, insertSupply, type NewFoam, type NewSpool, type NewSupply } from './stock';

/** The demo workshop as data: things by name, rigs that name what they use, cuts that name their rig. */
export interface Workshop {
  readonly foams: readonly Omit<NewFoam, 'demo'>[];
  readonly spools: readonly Omit<NewSpool, 'demo'>[];
  readonly supplies: readonly Omit<NewSupply, 'demo'>[];
  readonly rigs: readonly {
    doc: Rig;
    foam: string | null;
    spool: string | null;
    supply: string | null;
    at: string;
    cuts: readonly LoggedCut[];
  }[];
}

/** True where nobody has put anything in. */
export async function isEmpty(db: Db): Promise<boolean> {
  const counts = await Promise.all(
    [rigs, spools, supplies, foamStock].map(
      async (t) => (await db.select({ n: sql<number>`count(*)::int` }).from(t))[0]!.n,
    ),
  );
  return counts.every((n) => n === 0);
}

/** Puts the demo workshop in, whole or not at all. */
export async function insertWorkshop(db: Db, w: Workshop): Promise<void> {
  await db.transaction(async (tx) => {
    const t = tx as unknown as Db;
    const ids = new Map<string, string>();
    for (const f of w.foams) ids.set(f.name, (await insertFoam(t, { ...f, demo: true })).id);
    for (const s of w.spools) ids.set(s.name, (await insertSpool(t, { ...s, demo: true })).id);
    for (const s of w.supplies) ids.set(s.name, (await insertSupply(t, { ...s, demo: true })).id);
    const idOf = (name: string | null) => (name === null ? null : (ids.get(name) ?? null));
    for (const r of w.rigs) {
      const links = { foamStockId: idOf(r.foam), spoolId: idOf(r.spool), supplyId: idOf(r.supply) };
      const made = await insertRig(t, r.doc, links, true, r.at);
      const record = (await getRig(t, made.id))!;
      for (const cut of r.cuts) {
        const doc = {
          ...record.doc,
          control: { ...record.doc.control, setting: cut.setting ?? record.doc.control.setting },
        };
        await insertCutPlain(t, { ...record, doc }, cut);
      }
    }
  });
}

async function insertCutPlain(db: Db, rig: Parameters<typeof insertCut>[1], cut: LoggedCut): Promise<void> {
  await db.insert(cuts).values({
    id: crypto.randomUUID(),
    rigId: rig.id,
    foamStockId: rig.foamStockId,
    spoolId: rig.spoolId,
    rig: rig.doc,
    cut,
    at: cut.at,
    demo: true,
  });
}

/** Empties the demo workshop: all of it that nobody touched. Returns how many rigs were kept because they were. */
export async function deleteWorkshop(db: Db): Promise<{ kept: number }> {
  return db.transaction(async (tx) => {
    await tx.delete(rigs).where(and(eq(rigs.demo, true), eq(rigs.touched, false)));
    const kept = await tx
      .update(rigs)
      .set({ demo: false })
      .where(eq(rigs.demo, true))
      .returning({ id: rigs.id });
    const used = sql`(select foam_stock_id from rigs where foam_stock_id is not null)`;
    await tx.delete(foamStock).where(and(eq(foamStock.demo, true), sql`${foamStock.id} not in ${used}`));
    await tx
      .delete(spools)
      .where(
        and(
          eq(spools.demo, true),
          sql`${spools.id} not in (select spool_id from rigs where spool_id is not null)`,
        ),
      );
    await tx
      .delete(supplies)
      .where(
        and(
          eq(supplies.demo, true),
          sql`${supplies.id} not in (select supply_id from rigs where supply_id is not null)`,
        ),
      );
    return { kept: kept.length };
  });
}
