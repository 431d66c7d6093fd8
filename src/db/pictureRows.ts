import fs from 'node:fs';
import path from 'node:path';
import { and, eq, inArray, isNotNull, isNull, lt, notInArray, sql } from 'drizzle-orm';
import type { Db } from './handle';
import { PICTURE_NAME, GRACE_MS, type PictureStore } from './pictureFiles';
import { photos, pictureBytes } from './schema';

/** The pictures as rows of the database, where it is a server that several programs share. */
export class PictureRows implements PictureStore {
  constructor(private readonly db: Db) {}

  async write(id: string, bytes: Uint8Array): Promise<void> {
    await this.db.insert(pictureBytes).values({ id, bytes }).onConflictDoNothing();
  }

  async read(id: string): Promise<Buffer | null> {
    const [row] = await this.db
      .select({ bytes: pictureBytes.bytes })
      .from(pictureBytes)
      .where(eq(pictureBytes.id, id));
    return row ? Buffer.from(row.bytes) : null;
  }

  async take(from: string): Promise<void> {
    if (!fs.existsSync(from)) return;
    for (const file of fs.readdirSync(from).filter((f) => PICTURE_NAME.test(f)))
      await this.write(file.slice(0, -4), fs.readFileSync(path.join(from, file)));
  }

  async drop(id: string): Promise<void> {
    await this.db
      .update(pictureBytes)
      .set({ goneAt: sql`now()` })
      .where(eq(pictureBytes.id, id));
  }

  async sweep(now = Date.now()) {
    const named = this.db.select({ id: photos.id }).from(photos);
    const back = await this.db
      .update(pictureBytes)
      .set({ goneAt: null })
      .where(and(isNotNull(pictureBytes.goneAt), inArray(pictureBytes.id, named)))
      .returning({ id: pictureBytes.id });
    await this.db
      .update(pictureBytes)
      .set({ goneAt: new Date(now).toISOString() })
      .where(and(isNull(pictureBytes.goneAt), notInArray(pictureBytes.id, named)));
    const old = lt(pictureBytes.goneAt, new Date(now - GRACE_MS).toISOString());
    const gone = await this.db.delete(pictureBytes).where(old).returning({ id: pictureBytes.id });
    const left = await this.db
      .select({ n: sql<number>`count(*)::int` })
      .from(pictureBytes)
      .where(isNotNull(pictureBytes.goneAt));
    return { unnamed: left[0]!.n, gone: gone.length, back: back.length };
  }
}
