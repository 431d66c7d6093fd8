import path from 'node:path';
import { drizzle as drizzleLite } from 'drizzle-orm/pglite';
import { migrate as migrateLite } from 'drizzle-orm/pglite/migrator';
import { openEmbedded } from './embedded';
import { copyBefore, openFolder } from './folder';
import type { Db, Handle } from './handle';
import { listening } from './listen';
import { roomToOpen } from './room';
import * as schema from './schema';
import { journal, refuseNewer } from './version';

export type { Db, Handle };

export interface OpenOptions {
  /** Folder of the embedded database. Ignored where `url` is given. */
  readonly folder: string;
  readonly migrations: string;
  readonly url?: string | undefined;
  /** False: commits do not wait for the disk. */
  readonly wait?: boolean;
  /** Folder of an empty database that was closed, to begin with a copy of it: made anew, one takes seconds. */
  readonly newborn?: string;
}

/**
 * Opens the database and brings it up to date: the embedded one in its own folder, or a PostgreSQL server at `url`.
 * Throws a StartFault, with one line for a person, where the folder cannot be written, is open elsewhere, or was
 * written by a newer program; nothing is changed then.
 */
export async function openDb(o: OpenOptions): Promise<Handle> {
  // What speaks to a server is loaded only where there is one.
  if (o.url) return (await import('./server')).openServer(o.url, o.migrations);
  return openEmbeddedFolder(o.folder, o);
}

async function openEmbeddedFolder(folder: string, o: OpenOptions): Promise<Handle> {
  const wait = o.wait ?? true;
  const open = await openFolder(folder, wait, o.newborn);
  let { lite } = open;
  try {
    let db = drizzleLite(lite, { schema });
    const applied = await refuseNewer(db as unknown as Db, o.migrations);
    if (applied > 0 && applied < journal(o.migrations).length) {
      await lite.close();
      copyBefore(folder, `${folder}.before-${applied + 1}`);
      lite = await openEmbedded(folder, wait);
      db = drizzleLite(lite, { schema });
    }
    await migrateLite(db, { migrationsFolder: o.migrations });
    const close = async () => {
      roomToOpen(path.dirname(folder));
      await lite.close();
      open.release();
    };
    return { db: db as unknown as Db, ...listening(lite), close };
  } catch (e) {
    if (!lite.closed) await lite.close().catch(() => undefined);
    open.release();
    throw e;
  }
}
