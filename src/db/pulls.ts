import { and, eq } from 'drizzle-orm';
import type { LoggedPull } from '@/core/documents/pull';
import type { Db } from './open';
import { pulls, rigs } from './schema';

/** A reading of the pull as kept. */
export interface PullRecord {
  readonly id: string;
  readonly pull: LoggedPull;
}

/** The readings of a rig, oldest first. */
export async function pullsOf(db: Db, rigId: string): Promise<PullRecord[]> {
  const rows = await db.select().from(pulls).where(eq(pulls.rigId, rigId)).orderBy(pulls.at, pulls.id);
  return rows.map(({ id, pull }) => ({ id, pull }));
}

/** Logs a reading and marks its rig as the newest work, in one step; under an id that was made before it came, once. */
export async function insertPull(
  db: Db,
  rigId: string,
  pull: LoggedPull,
  id: string = crypto.randomUUID(),
): Promise<void> {
  await db.transaction(async (tx) => {
    await tx.insert(pulls).values({ id, rigId, pull, at: pull.at }).onConflictDoNothing();
    await tx.update(rigs).set({ updatedAt: new Date().toISOString(), touched: true }).where(eq(rigs.id, rigId));
  });
}

export async function deletePull(db: Db, rigId: string, id: string): Promise<boolean> {
  const gone = await db
    .delete(pulls)
    .where(and(eq(pulls.id, id), eq(pulls.rigId, rigId)))
    .returning({ id: pulls.id });
  return gone.length > 0;
}
