import { and, eq } from 'drizzle-orm';
import type { PiecePlan } from '@/core/documents/plan';
import type { Db } from './open';
import { plans, rigs } from './schema';

/** A piece planned on a rig, as kept. */
export interface PlanRecord {
  readonly id: string;
  readonly rigId: string;
  readonly revision: number;
  readonly doc: PiecePlan;
}

const toRecord = ({ id, rigId, revision, doc }: typeof plans.$inferSelect): PlanRecord => ({
  id,
  rigId,
  revision,
  doc,
});

/** The plans of a rig, the oldest first. */
export async function plansOf(db: Db, rigId: string): Promise<PlanRecord[]> {
  const rows = await db.select().from(plans).where(eq(plans.rigId, rigId)).orderBy(plans.createdAt, plans.id);
  return rows.map(toRecord);
}

export async function getPlan(db: Db, id: string): Promise<PlanRecord | null> {
  const [row] = await db.select().from(plans).where(eq(plans.id, id));
  return row ? toRecord(row) : null;
}

export async function insertPlan(
  db: Db,
  rigId: string,
  doc: PiecePlan,
  demo?: { at: string },
): Promise<PlanRecord> {
  const id = crypto.randomUUID();
  const made = demo ? { demo: true, createdAt: demo.at } : {};
  const [row] = await db
    .insert(plans)
    .values({ id, rigId, name: doc.name, doc, ...made })
    .returning();
  return toRecord(row!);
}

/**
 * Saves a plan made on revision `base`; its rig counts as touched, so that emptying the sample workshop keeps it. Null where another
 * save came first: nothing is changed.
 */
export async function savePlan(db: Db, id: string, base: number, doc: PiecePlan): Promise<PlanRecord | null> {
  return db.transaction(async (tx) => {
    const [row] = await tx
      .update(plans)
      .set({ doc, name: doc.name, revision: base + 1, updatedAt: new Date().toISOString() })
      .where(and(eq(plans.id, id), eq(plans.revision, base)))
      .returning();
    if (!row) return null;
    await tx.update(rigs).set({ touched: true }).where(eq(rigs.id, row.rigId));
    return toRecord(row);
  });
}

export async function deletePlan(db: Db, id: string): Promise<boolean> {
  return (await db.delete(plans).where(eq(plans.id, id)).returning({ id: plans.id })).length > 0;
}
