import { and, eq, sql } from 'drizzle-orm';
import type { RigEvent } from '@/core/documents/event';
import type { LoggedCut } from '@/core/documents/log';
import type { KeptMachine } from '@/core/documents/keptMachine';
import type { OwnJob } from '@/core/documents/job';
import { madeEvent } from '@/core/engine/jobs/made';
import type { PiecePlan } from '@/core/documents/plan';
import type { LoggedPull } from '@/core/documents/pull';
import type { Rig } from '@/core/documents/rig';
import type { Db } from './open';
import type { insertCut } from './rigs';
import { insertEvent } from './events';
import { keptJobs, keptPlans } from './kept';
import { insertMachine } from './machines';
import { insertPull } from './pulls';
import { getRig, insertRig } from './rigs';
import { controls, cuts, foamStock, leadPairs, machines, rigs, spools, supplies } from './schema';
import { insertStock, STOCK_KINDS, type NewStock, type StockKind } from './stock';

/** The demo workshop as data: things by name, rigs that name what they use, cuts that name their rig. */
export interface Workshop {
  readonly machines?: readonly KeptMachine[];
  readonly stock: { readonly [K in StockKind]: readonly Omit<NewStock<K>, 'demo'>[] };
  readonly rigs: readonly {
    doc: Rig;
    foam: string | null;
    spool: string | null;
    supply: string | null;
    at: string;
    cuts: readonly LoggedCut[];
    pulls: readonly LoggedPull[];
    events: readonly RigEvent[];
    plans?: readonly PiecePlan[];
    /** Jobs of this cutter, each with what was made by it. */
    jobs?: readonly {
      readonly doc: OwnJob;
      readonly made: readonly Parameters<typeof madeEvent>[2][];
    }[];
  }[];
}

const LISTS = [rigs, spools, supplies, foamStock, controls, leadPairs, machines];

/** True where nobody has put anything in. */
export async function isEmpty(db: Db): Promise<boolean> {
  for (const t of LISTS)
    if ((await db.select({ n: sql<number>`count(*)::int` }).from(t))[0]!.n > 0) return false;
  return true;
}

/** The lock of those who would put the workshop in; any number that nothing else of the database uses. */
const PUTTING_IN = 7_041_847;

/** Puts the demo workshop in where nobody has put anything in; false where somebody has, or another program was first. */
export async function insertWorkshopIfEmpty(db: Db, w: Workshop): Promise<boolean> {
  return db.transaction(async (tx) => {
    const t = tx as unknown as Db;
    await t.execute(sql`select pg_advisory_xact_lock(${PUTTING_IN})`);
    if (!(await isEmpty(t))) return false;
    await insertWorkshop(t, w);
    return true;
  });
}

/** Puts the demo workshop in, whole or not at all. */
export async function insertWorkshop(db: Db, w: Workshop): Promise<void> {
  await db.transaction(async (tx) => {
    const t = tx as unknown as Db;
    const ids = new Map<string, string>();
    for (const kind of STOCK_KINDS)
      for (const item of w.stock[kind])
        ids.set(item.name, (await insertStock(t, kind, { ...item, demo: true } as NewStock<typeof kind>)).id);
    for (const kept of w.machines ?? []) await insertMachine(t, kept, true);
    const idOf = (name: string | null) => (name === null ? null : (ids.get(name) ?? null));
    for (const r of w.rigs) {
      const links = { foamStockId: idOf(r.foam), spoolId: idOf(r.spool), supplyId: idOf(r.supply) };
      const kept = await insertRig(t, r.doc, links, true, r.at);
      const record = (await getRig(t, kept.id))!;
      await insertCutsPlain(t, record, r.cuts);
      for (const pull of r.pulls) await insertPull(t, record.id, pull, { demo: true });
      // One after the other, so that they stay in this order.
      for (const [i, plan] of (r.plans ?? []).entries())
        await keptPlans.insert(t, record.id, plan, {
          at: new Date(Date.parse(r.at) + 60_000 * i).toISOString(),
        });
      for (const [i, { doc, made }] of (r.jobs ?? []).entries()) {
        const at = new Date(Date.parse(r.at) + 60_000 * i).toISOString();
        const job = await keptJobs.insert(t, record.id, doc, { at });
        for (const m of made) await insertEvent(t, record.id, madeEvent(doc, job.id, m), { demo: true });
      }
      for (const event of r.events) await insertEvent(t, record.id, event, { demo: true });
    }
  });
}

/** Cuts of a rig as they were logged, each beside the rig at its own setting; all at once. */
async function insertCutsPlain(
  db: Db,
  { id: rigId, doc, foamStockId, spoolId }: Parameters<typeof insertCut>[1],
  logged: readonly LoggedCut[],
): Promise<void> {
  if (logged.length === 0) return;
  const at = (cut: LoggedCut) => ({ ...doc.control, setting: cut.setting ?? doc.control.setting });
  await db.insert(cuts).values(
    logged.map((cut) => ({
      id: crypto.randomUUID(),
      rigId,
      foamStockId,
      spoolId,
      rig: { ...doc, control: at(cut) },
      cut,
      at: cut.at,
      demo: true,
    })),
  );
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
    await tx.delete(controls).where(eq(controls.demo, true));
    await tx.delete(leadPairs).where(eq(leadPairs.demo, true));
    await tx.delete(machines).where(eq(machines.demo, true));
    return { kept: kept.length };
  });
}
