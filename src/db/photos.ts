import { and, eq } from 'drizzle-orm';
import type { Db } from './open';
import { cuts, photos } from './schema';

/** A picture as kept; its bytes are a file named by the id. */
export interface PhotoRecord {
  readonly id: string;
  readonly rigId: string;
  readonly cutId: string | null;
  readonly name: string;
  readonly width: number;
  readonly height: number;
  readonly at: string;
}

const shape = {
  id: photos.id,
  rigId: photos.rigId,
  cutId: photos.cutId,
  name: photos.name,
  width: photos.width,
  height: photos.height,
  at: photos.at,
};

export async function photosOf(db: Db, rigId: string): Promise<PhotoRecord[]> {
  return db.select(shape).from(photos).where(eq(photos.rigId, rigId)).orderBy(photos.at, photos.id);
}
/** Ids of all pictures that something names. */
export async function photoIds(db: Db): Promise<Set<string>> {
  return new Set((await db.select({ id: photos.id }).from(photos)).map((p) => p.id));
}
export async function insertPhoto(db: Db, photo: PhotoRecord): Promise<void> {
  await db.insert(photos).values(photo);
}
export async function getPhoto(db: Db, id: string): Promise<PhotoRecord | null> {
  const [row] = await db.select(shape).from(photos).where(eq(photos.id, id));
  return row ?? null;
}
export async function deletePhoto(db: Db, id: string): Promise<boolean> {
  return (await db.delete(photos).where(eq(photos.id, id)).returning({ id: photos.id })).length > 0;
}
/** Whether a cut is one of a rig. */
export async function isCutOf(db: Db, rigId: string, cutId: string): Promise<boolean> {
  const found = await db
    .select({ id: cuts.id })
    .from(cuts)
    .where(and(eq(cuts.id, cutId), eq(cuts.rigId, rigId)));
  return found.length > 0;
}
