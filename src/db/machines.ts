import { and, eq, sql } from 'drizzle-orm';
import { keptMachineSchema, type KeptMachine } from '@/core/documents/keptMachine';
import type { Db } from './open';
import { machines } from './schema';

/** A machine of the workshop as it is kept. */
export interface MachineRecord {
  readonly id: string;
  readonly revision: number;
  readonly kept: KeptMachine;
}

/** One that an older version kept, with its newer keys as they are by default. */
export const wholeMachine = (kept: KeptMachine): KeptMachine => {
  const read = keptMachineSchema.safeParse(kept);
  return read.success ? read.data : kept;
};
const toRecord = ({ id, revision, kept }: typeof machines.$inferSelect): MachineRecord => ({
  id,
  revision,
  kept: wholeMachine(kept),
});

/** All machines, by name. */
export async function listMachines(db: Db): Promise<MachineRecord[]> {
  return (await db.select().from(machines).orderBy(machines.name, machines.id)).map(toRecord);
}
export async function getMachine(db: Db, id: string): Promise<MachineRecord | null> {
  const [row] = await db.select().from(machines).where(eq(machines.id, id));
  return row ? toRecord(row) : null;
}
export async function insertMachine(db: Db, kept: KeptMachine, demo = false): Promise<MachineRecord> {
  const values = { id: crypto.randomUUID(), name: kept.doc.name, kept, demo };
  const [row] = await db.insert(machines).values(values).returning();
  return toRecord(row!);
}
/** Saves a machine made on revision `base`; what somebody changed is no longer demo. Null where another save came first. */
export async function saveMachine(
  db: Db,
  id: string,
  base: number,
  kept: KeptMachine,
): Promise<MachineRecord | null> {
  const [row] = await db
    .update(machines)
    .set({ kept, name: kept.doc.name, revision: base + 1, demo: false, updatedAt: sql`now()` })
    .where(and(eq(machines.id, id), eq(machines.revision, base)))
    .returning();
  return row ? toRecord(row) : null;
}
export async function removeMachine(db: Db, id: string): Promise<boolean> {
  return (await db.delete(machines).where(eq(machines.id, id)).returning({ id: machines.id })).length > 0;
}
