import { desc, eq, inArray, isNotNull } from 'drizzle-orm';
import type { PracticeRunRecord, PracticeScore, Trace } from '@/core/documents/practice';
import type { Db } from './open';
import { holdRig } from './rigs';
import { practiceRuns } from './schema';

/** Traces are kept of so many of the newest runs; a trace of five minutes is half a megabyte. */
export const TRACES = 60;
/** Runs that are listed, the newest first. */
export const LISTED = 500;

const LIST = {
  id: practiceRuns.id,
  rigId: practiceRuns.rigId,
  rigName: practiceRuns.rigName,
  frame: practiceRuns.frame,
  drill: practiceRuns.drill,
  at: practiceRuns.at,
  score: practiceRuns.score,
  traced: isNotNull(practiceRuns.trace),
};
type Row = Omit<PracticeRunRecord, 'traced'> & { traced: unknown };
const toRecord = (row: Row): PracticeRunRecord => ({
  ...row,
  at: new Date(row.at).toISOString(),
  traced: row.traced === true,
});

/** Runs of practice, the newest first; of one rig where asked. */
export async function practiceOf(db: Db, rigId?: string): Promise<PracticeRunRecord[]> {
  const rows = await db
    .select(LIST)
    .from(practiceRuns)
    .where(rigId === undefined ? undefined : eq(practiceRuns.rigId, rigId))
    .orderBy(desc(practiceRuns.at), practiceRuns.id)
    .limit(LISTED);
  return rows.map(toRecord);
}

/** Keeps a run with its trace, in a transaction of the caller's; traces of older runs make room, their scores stay. A run under an id that is there already is that one. */
export async function insertPractice(
  db: Db,
  run: { id: string; rigId: string | null; rigName: string; at: string; score: PracticeScore; trace: Trace },
): Promise<PracticeRunRecord> {
  const frame = run.trace.rig.frame.kind;
  // A rig that is thrown away meanwhile leaves its run without one.
  const rigId = run.rigId !== null && (await holdRig(db, run.rigId)) ? run.rigId : null;
  const values = { ...run, rigId, frame, drill: run.score.drill };
  await db.insert(practiceRuns).values(values).onConflictDoNothing();
  const old = await db
    .select({ id: practiceRuns.id })
    .from(practiceRuns)
    .where(isNotNull(practiceRuns.trace))
    .orderBy(desc(practiceRuns.at), practiceRuns.id)
    .offset(TRACES);
  const gone = old.map((r) => r.id);
  if (gone.length > 0) await db.update(practiceRuns).set({ trace: null }).where(inArray(practiceRuns.id, gone));
  const [row] = await db.select(LIST).from(practiceRuns).where(eq(practiceRuns.id, run.id));
  return toRecord(row!);
}

/** The trace of a run; null where it made room or the run is not there. */
export async function traceOfRun(db: Db, id: string): Promise<Trace | null> {
  const [row] = await db
    .select({ trace: practiceRuns.trace })
    .from(practiceRuns)
    .where(eq(practiceRuns.id, id));
  return row?.trace ?? null;
}

export async function deletePractice(db: Db, id: string): Promise<boolean> {
  const gone = await db.delete(practiceRuns).where(eq(practiceRuns.id, id)).returning({ id: practiceRuns.id });
  return gone.length > 0;
}
