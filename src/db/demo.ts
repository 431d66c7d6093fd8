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
import { insertDemoEvents } from './events';
import { keptJobs, keptPlans } from './kept';
import { insertMachine } from './machines';
import { insertRigs, type RigRecord } from './rigs';
import { controls, cuts, foamStock, leadPairs, machines, pulls, rigs, spools, supplies } from './schema';
import { insertStocks, STOCK_KINDS, type NewStock, type StockKind } from './stock';

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
  const one = (t: (typeof LISTS)[number]) => sql`exists (select from ${t})`;
  const asked = sql`select ${sql.join(LISTS.map(one), sql` or `)} as some`;
  const { rows } = (await db.execute(asked)) as unknown as { rows: { some: boolean }[] };
  return !rows[0]!.some;
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

/** Puts the demo workshop in, whole or not at all: one statement a table, since between two of them a busy program sees to others. */
export async function insertWorkshop(db: Db, w: Workshop): Promise<void> {
  await db.transaction(async (tx) => {
    const t = tx as unknown as Db;
    const ids = new Map<string, string>();
    for (const kind of STOCK_KINDS) {
      const items = w.stock[kind].map((item) => ({ ...item, demo: true }));
      for (const { name, id } of await insertStocks(t, kind, items as unknown as NewStock<typeof kind>[]))
        ids.set(name, id);
    }
    for (const kept of w.machines ?? []) await insertMachine(t, kept, true);
    const idOf = (name: string | null) => (name === null ? null : (ids.get(name) ?? null));
    const records = await insertRigs(
      t,
      w.rigs.map(({ doc, foam, spool, supply, at }) => {
        const links = { foamStockId: idOf(foam), spoolId: idOf(spool), supplyId: idOf(supply) };
        return { doc, links, demo: true, at };
      }),
    );
    const of = w.rigs.map((r, i) => ({ ...r, rigId: records[i]!.id, record: records[i]! }));
    // Each a minute after the one before it, so that they stay in this order.
    const minute = (at: string, i: number) => new Date(Date.parse(at) + 60_000 * i).toISOString();
    await keptPlans.insertAll(
      t,
      of.flatMap(({ plans = [], rigId, at }) => plans.map((doc, i) => ({ rigId, doc, made: minute(at, i) }))),
    );
    const planned = of.flatMap(({ jobs = [], rigId, at }) =>
      jobs.map(({ doc, made: events }, i) => ({ rigId, doc, events, made: minute(at, i) })),
    );
    const kept = await keptJobs.insertAll(t, planned);
    const logged = of.flatMap((r) => cutRows(r.record, r.cuts));
    if (logged.length > 0) await t.insert(cuts).values(logged);
    const read = of.flatMap((r) =>
      r.pulls.map((pull) => ({ id: crypto.randomUUID(), rigId: r.rigId, pull, at: pull.at, demo: true })),
    );
    if (read.length > 0) await t.insert(pulls).values(read);
    await insertDemoEvents(t, [
      ...planned.flatMap(({ rigId, doc, events }, i) =>
        events.map((m) => ({ rigId, event: madeEvent(doc, kept[i]!.id, m) })),
      ),
      ...of.flatMap(({ rigId, events }) => events.map((event) => ({ rigId, event }))),
    ]);
  });
}

/** Cuts of a rig as they were logged, each beside the rig at its own setting. */
const cutRows = (
  { id: rigId, doc, foamStockId, spoolId }: RigRecord,
  logged: readonly LoggedCut[],
): (typeof cuts.$inferInsert)[] =>
  logged.map((cut) => ({
    id: crypto.randomUUID(),
    rigId,
    foamStockId,
    spoolId,
    rig: { ...doc, control: { ...doc.control, setting: cut.setting ?? doc.control.setting } },
    cut,
    at: cut.at,
    demo: true,
  }));

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
