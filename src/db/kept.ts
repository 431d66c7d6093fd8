import { and, eq, isNull } from 'drizzle-orm';
import type { z } from 'zod';
import { ownJobSchema, type OwnJob } from '@/core/documents/job';
import { piecePlanSchema, type PiecePlan } from '@/core/documents/plan';
import type { Db } from './open';
import { jobs, plans, rigs, type BesideRig } from './schema';

/** A document kept beside its rig. */
export interface KeptRecord<D> {
  readonly id: string;
  readonly rigId: string;
  readonly revision: number;
  readonly doc: D;
}
/** A piece planned on a rig. */
export type PlanRecord = KeptRecord<PiecePlan>;
/** A job of a table, slicer, loop or drop board. */
export type JobRecord = KeptRecord<OwnJob>;

/** A document kept by an older version with its newer keys as they are by default; one that is refused as it stands. */
const wholeBy =
  <D>(schema: z.ZodType<D>) =>
  (doc: D): D => {
    const read = schema.safeParse(doc);
    return read.success ? read.data : doc;
  };
export const wholePlan = wholeBy<PiecePlan>(piecePlanSchema);
export const wholeJob = wholeBy<OwnJob>(ownJobSchema);

/** What is done with the documents that one table keeps beside their rigs. */
function keptIn<D extends { readonly name: string }>(table: BesideRig<D>, schema: z.ZodType<D>) {
  const whole = wholeBy(schema);
  const toRecord = ({ id, rigId, revision, doc }: BesideRig<D>['$inferSelect']): KeptRecord<D> => ({
    id,
    rigId,
    revision,
    doc: whole(doc),
  });
  return {
    /** Those of a rig, the oldest first. */
    async of(db: Db, rigId: string): Promise<KeptRecord<D>[]> {
      const rows = await db
        .select()
        .from(table)
        .where(eq(table.rigId, rigId))
        .orderBy(table.createdAt, table.id);
      return rows.map(toRecord);
    },
    async get(db: Db, id: string): Promise<KeptRecord<D> | null> {
      const [row] = await db.select().from(table).where(eq(table.id, id));
      return row ? toRecord(row) : null;
    },
    async insert(db: Db, rigId: string, doc: D): Promise<KeptRecord<D>> {
      return (await this.insertAll(db, [{ rigId, doc }]))[0]!;
    },
    /** Puts in several at once, in their order; those of the sample workshop with the instant at which they were `made`. */
    async insertAll(
      db: Db,
      list: readonly { readonly rigId: string; readonly doc: D; readonly made?: string }[],
    ): Promise<KeptRecord<D>[]> {
      if (list.length === 0) return [];
      const values = list.map(({ rigId, doc, made }) => ({
        ...{ id: crypto.randomUUID(), rigId, name: doc.name, doc },
        ...(made ? { demo: true, createdAt: made } : {}),
      }));
      return (await db.insert(table).values(values).returning()).map(toRecord);
    },
    /**
     * Saves a document made on revision `base`; its rig counts as touched, so that emptying the sample workshop keeps it. Null where
     * another save came first: nothing is changed.
     */
    async save(db: Db, id: string, base: number, doc: D): Promise<KeptRecord<D> | null> {
      return db.transaction(async (tx) => {
        const [row] = await tx
          .update(table)
          .set({ doc, name: doc.name, revision: base + 1, updatedAt: new Date().toISOString() })
          .where(and(eq(table.id, id), eq(table.revision, base)))
          .returning();
        if (!row) return null;
        await tx.update(rigs).set({ touched: true }).where(eq(rigs.id, row.rigId));
        return toRecord(row);
      });
    },
    /** Names of all there are, by rig and age, with the names of their rigs. */
    async names(db: Db): Promise<{ id: string; name: string; rig: string }[]> {
      return db
        .select({ id: table.id, name: table.name, rig: rigs.name })
        .from(table)
        .innerJoin(rigs, eq(rigs.id, table.rigId))
        .where(isNull(rigs.archivedAt))
        .orderBy(rigs.name, table.createdAt, table.id);
    },
    async remove(db: Db, id: string): Promise<boolean> {
      return (await db.delete(table).where(eq(table.id, id)).returning({ id: table.id })).length > 0;
    },
  };
}
export type KeptIn<D extends { readonly name: string }> = ReturnType<typeof keptIn<D>>;

export const keptPlans = keptIn<PiecePlan>(plans, piecePlanSchema);
export const keptJobs = keptIn<OwnJob>(jobs, ownJobSchema);
