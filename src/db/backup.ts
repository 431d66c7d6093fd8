import { sql } from 'drizzle-orm';
import type { Backup } from '@/core/documents/backup';
import { wholeJob, wholePlan } from './kept';
import { wholeMachine } from './machines';
import type { Db } from './open';
import {
  controls,
  cuts,
  events,
  foamStock,
  jobs,
  leadPairs,
  logViews,
  machines,
  photos,
  plans,
  practiceRuns,
  pulls,
  rigs,
  spools,
  supplies,
} from './schema';

const iso = (at: string) => new Date(at).toISOString();
/** Rows put in at a time. */
const ROWS = 200;

/** Lists of a backup, each a table. */
export const KEPT_LISTS = [
  ...['foams', 'spools', 'supplies', 'controls', 'leads', 'rigs'],
  ...['cuts', 'pulls', 'events', 'plans', 'jobs', 'machines', 'practice', 'views', 'photos'],
] as readonly List[];
type List = Exclude<keyof Backup, 'format' | 'version' | 'madeAt'>;

/** Everything is read as it stood at one moment, whoever writes meanwhile. */
const AT_ONCE = { isolationLevel: 'repeatable read', accessMode: 'read only' } as const;

/** Everything that is kept, as one document, without the pictures' bytes (null), which lie beside it as files. */
export async function takeBackup(db: Db, madeAt: string): Promise<Backup> {
  return db.transaction(async (tx) => {
    const all = async <T>(rows: Promise<T[]>) => rows;
    const foams = await all(tx.select().from(foamStock).orderBy(foamStock.id));
    const wires = await all(tx.select().from(spools).orderBy(spools.id));
    const power = await all(tx.select().from(supplies).orderBy(supplies.id));
    const loose = await all(tx.select().from(controls).orderBy(controls.id));
    const pairs = await all(tx.select().from(leadPairs).orderBy(leadPairs.id));
    const kept = await all(tx.select().from(rigs).orderBy(rigs.id));
    const logged = await all(tx.select().from(cuts).orderBy(cuts.at, cuts.id));
    const readings = await all(tx.select().from(pulls).orderBy(pulls.at, pulls.id));
    const happened = await all(tx.select().from(events).orderBy(events.at, events.id));
    const pieces = await all(tx.select().from(plans).orderBy(plans.id));
    const planned = await all(tx.select().from(jobs).orderBy(jobs.id));
    const motors = await all(tx.select().from(machines).orderBy(machines.id));
    const practised = await all(tx.select().from(practiceRuns).orderBy(practiceRuns.at, practiceRuns.id));
    const named = await all(tx.select().from(logViews).orderBy(logViews.id));
    const pictures = await all(tx.select().from(photos).orderBy(photos.id));
    const bare = <T extends { createdAt: string }>({ createdAt: _, ...rest }: T) => rest;
    return {
      format: 'upwind-rod/backup',
      version: 1,
      madeAt,
      foams: foams.map(bare),
      spools: wires.map(bare),
      supplies: power.map(bare),
      controls: loose.map(bare),
      leads: pairs.map(bare),
      rigs: kept.map(({ id, doc, foamStockId, spoolId, supplyId, demo, touched, archivedAt, updatedAt }) => ({
        id,
        doc,
        foamStockId,
        spoolId,
        supplyId,
        demo,
        touched,
        archivedAt: archivedAt && iso(archivedAt),
        updatedAt: iso(updatedAt),
      })),
      cuts: logged.map(({ id, rigId, foamStockId, spoolId, rig, cut, demo }) => ({
        id,
        rigId,
        foamStockId,
        spoolId,
        rig,
        cut,
        demo,
      })),
      pulls: readings.map(({ id, rigId, pull, demo }) => ({ id, rigId, pull, demo })),
      events: happened.map(({ id, rigId, event, demo }) => ({ id, rigId, event, demo })),
      plans: pieces.map(({ id, rigId, doc, demo }) => ({ id, rigId, doc: wholePlan(doc), demo })),
      jobs: planned.map(({ id, rigId, doc, demo }) => ({ id, rigId, doc: wholeJob(doc), demo })),
      machines: motors.map(({ id, kept, demo }) => ({ id, kept: wholeMachine(kept), demo })),
      practice: practised.map(bare).map((p) => ({ ...p, at: iso(p.at) })),
      views: named.map(({ id, name, query }) => ({ id, name, query })),
      photos: pictures.map(bare).map((p) => ({ ...p, at: iso(p.at), data: null })),
    } as Backup;
  }, AT_ONCE);
}

/** The tables of a backup, those first that hang on others. */
const TABLES = [
  photos,
  plans,
  jobs,
  events,
  logViews,
  machines,
  practiceRuns,
  pulls,
  cuts,
  rigs,
  foamStock,
  spools,
  supplies,
  controls,
  leadPairs,
];

/** Revisions of what is put back count on from the seconds since then: over all that a page open until now can name. */
const EPOCH_MS = Date.UTC(2020, 0, 1);

/** A revision over every other that is or was here. */
async function newRevision(db: Db): Promise<number> {
  const highest = async (table: typeof rigs | typeof plans | typeof jobs | typeof machines) =>
    (await db.select({ n: sql<number>`coalesce(max(${table.revision}), 0)::int` }).from(table))[0]!.n;
  const seconds = Math.floor((Date.now() - EPOCH_MS) / 1000);
  let most = seconds;
  for (const table of [rigs, plans, jobs, machines]) most = Math.max(most, (await highest(table)) + 1);
  return most;
}

/**
 * Puts a checked backup in place of everything, whole or not at all. Rigs and pieces get a revision that was never theirs, so
 * that a page left open across it is asked, and not believed.
 */
export async function putBack(db: Db, b: Backup): Promise<void> {
  await db.transaction(async (tx) => {
    // Another program's saves wait: what is saved while this goes on would stand beside what is put back, or stop it half-way.
    const names = sql.join(
      TABLES.map((t) => sql`${t}`),
      sql`, `,
    );
    await tx.execute(sql`lock table ${names} in share row exclusive mode`);
    const revision = await newRevision(tx as unknown as Db);
    for (const table of TABLES) await tx.delete(table);
    const put = async <T>(rows: readonly T[], insert: (some: T[]) => PromiseLike<unknown>) => {
      for (let i = 0; i < rows.length; i += ROWS) await insert(rows.slice(i, i + ROWS));
    };
    await put(b.foams, (some) => tx.insert(foamStock).values(some));
    await put(b.spools, (some) => tx.insert(spools).values(some));
    await put(b.supplies, (some) => tx.insert(supplies).values(some));
    await put(b.controls, (some) => tx.insert(controls).values(some));
    await put(b.leads, (some) => tx.insert(leadPairs).values(some));
    await put(b.rigs, (some) =>
      tx.insert(rigs).values(
        some.map((r) => ({
          ...r,
          revision,
          name: r.doc.name,
          frameKind: r.doc.frame.kind,
          foamKind: r.doc.foam.kind,
          widthMm: r.doc.foam.widthMm,
          createdAt: r.updatedAt,
        })),
      ),
    );
    await put(b.cuts, (some) => tx.insert(cuts).values(some.map((c) => ({ ...c, at: c.cut.at }))));
    await put(b.pulls, (some) => tx.insert(pulls).values(some.map((p) => ({ ...p, at: p.pull.at }))));
    await put(b.events, (some) =>
      tx.insert(events).values(some.map((e) => ({ ...e, kind: e.event.kind, at: e.event.at }))),
    );
    await put(b.plans, (some) =>
      tx.insert(plans).values(some.map((p) => ({ ...p, revision, name: p.doc.name }))),
    );
    await put(b.jobs, (some) =>
      tx.insert(jobs).values(some.map((j) => ({ ...j, revision, name: j.doc.name }))),
    );
    await put(b.machines, (some) =>
      tx.insert(machines).values(some.map((m) => ({ ...m, revision, name: m.kept.doc.name }))),
    );
    await put(b.practice, (some) => tx.insert(practiceRuns).values(some));
    await put(b.views, (some) => tx.insert(logViews).values(some));
    await put(b.photos, (some) => tx.insert(photos).values(some.map(({ data: _, ...p }) => p)));
  });
}
