import { desc, eq, gt, lt, and } from 'drizzle-orm';
import type { Db } from './open';
import { devices, type DeviceRight } from './schema';

/** A device is known for so long after it was let in. */
export const KNOWN_DAYS = 90;
const DAY_MS = 24 * 3600_000;

/** A device that was let in; its secret is kept only as a hash, and never told. */
export interface DeviceRecord {
  readonly id: string;
  readonly name: string;
  readonly right: DeviceRight;
  readonly usedAt: string;
  readonly until: string;
}

const iso = (at: string) => new Date(at).toISOString();
const toRecord = ({ id, name, right, usedAt, createdAt }: typeof devices.$inferSelect): DeviceRecord => ({
  id,
  name,
  right,
  usedAt: iso(usedAt),
  until: new Date(Date.parse(createdAt) + KNOWN_DAYS * DAY_MS).toISOString(),
});
const since = (now: number) => new Date(now - KNOWN_DAYS * DAY_MS).toISOString();

export async function insertDevice(
  db: Db,
  d: { name: string; right: DeviceRight; secretHash: string },
): Promise<DeviceRecord> {
  const [row] = await db
    .insert(devices)
    .values({ id: crypto.randomUUID(), ...d })
    .returning();
  return toRecord(row!);
}

/** The device with a secret, while it is known. */
export async function deviceBy(db: Db, secretHash: string, now = Date.now()): Promise<DeviceRecord | null> {
  const known = and(eq(devices.secretHash, secretHash), gt(devices.createdAt, since(now)));
  const [row] = await db.select().from(devices).where(known);
  return row ? toRecord(row) : null;
}

/** Devices that are known, the last used first. */
export async function listDevices(db: Db, now = Date.now()): Promise<DeviceRecord[]> {
  const known = gt(devices.createdAt, since(now));
  return (await db.select().from(devices).where(known).orderBy(desc(devices.usedAt), devices.id)).map(toRecord);
}

export async function noteUse(db: Db, id: string, at: string): Promise<void> {
  await db.update(devices).set({ usedAt: at }).where(eq(devices.id, id));
}

export async function changeDevice(
  db: Db,
  id: string,
  to: { name?: string; right?: DeviceRight },
): Promise<boolean> {
  return (await db.update(devices).set(to).where(eq(devices.id, id)).returning({ id: devices.id })).length > 0;
}

export async function deleteDevice(db: Db, id: string): Promise<boolean> {
  return (await db.delete(devices).where(eq(devices.id, id)).returning({ id: devices.id })).length > 0;
}

/** Forgets those whose time is over. */
export async function forgetOld(db: Db, now = Date.now()): Promise<void> {
  await db.delete(devices).where(lt(devices.createdAt, since(now)));
}
