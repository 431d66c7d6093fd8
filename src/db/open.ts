import fs from 'node:fs';
import path from 'node:path';
import { PGlite } from '@electric-sql/pglite';
import { sql } from 'drizzle-orm';
import type { PgDatabase, PgQueryResultHKT } from 'drizzle-orm/pg-core';
import { drizzle as drizzlePg } from 'drizzle-orm/node-postgres';
import { migrate as migratePg } from 'drizzle-orm/node-postgres/migrator';
import { drizzle as drizzleLite } from 'drizzle-orm/pglite';
import { migrate as migrateLite } from 'drizzle-orm/pglite/migrator';
import pg from 'pg';
import { openEmbedded } from './embedded';
import { copyBefore, openFolder } from './folder';
import { StartFault } from './lock';
import { roomToOpen } from './room';
import * as schema from './schema';

export type Db = PgDatabase<PgQueryResultHKT, typeof schema>;

/** An open database and how to close it. */
export interface Handle {
  readonly db: Db;
  close(): Promise<void>;
}

export interface OpenOptions {
  /** Folder of the embedded database; null: in memory. Ignored where `url` is given. */
  readonly folder: string | null;
  readonly migrations: string;
  readonly url?: string | undefined;
  /** False: commits do not wait for the disk. */
  readonly wait?: boolean;
}

/**
 * Opens the database and brings it up to date: the embedded one in its own folder, or a PostgreSQL server at `url`.
 * Throws a StartFault, with one line for a person, where the folder cannot be written, is open elsewhere, or was
 * written by a newer program; nothing is changed then.
 */
export async function openDb(o: OpenOptions): Promise<Handle> {
  if (o.url) return openServer(o.url, o.migrations);
  if (o.folder === null) {
    const lite = await PGlite.create();
    const db = drizzleLite(lite, { schema });
    await migrateLite(db, { migrationsFolder: o.migrations });
    return { db: db as unknown as Db, close: () => lite.close() };
  }
  return openEmbeddedFolder(o.folder, o);
}

async function openServer(url: string, migrations: string): Promise<Handle> {
  const pool = new pg.Pool({ connectionString: url });
  const db = drizzlePg(pool, { schema });
  await refuseNewer(db as unknown as Db, migrations);
  await migratePg(db, { migrationsFolder: migrations });
  return { db: db as unknown as Db, close: () => pool.end() };
}

async function openEmbeddedFolder(folder: string, o: OpenOptions): Promise<Handle> {
  const wait = o.wait ?? true;
  const open = await openFolder(folder, wait);
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
    return { db: db as unknown as Db, close };
  } catch (e) {
    if (!lite.closed) await lite.close().catch(() => undefined);
    open.release();
    throw e;
  }
}

function journal(migrations: string): { when: number }[] {
  const file = path.join(migrations, 'meta', '_journal.json');
  return (JSON.parse(fs.readFileSync(file, 'utf8')) as { entries: { when: number }[] }).entries;
}

/** How many migrations stand in the database; throws where it holds one this program does not know. */
async function refuseNewer(db: Db, migrations: string): Promise<number> {
  const there = await db.execute(sql`select to_regclass('drizzle.__drizzle_migrations') is not null as there`);
  if (!rows<{ there: boolean }>(there)[0]?.there) return 0;
  const done = await db.execute(
    sql`select count(*)::int as n, max(created_at)::float8 as last from drizzle.__drizzle_migrations`,
  );
  const { n, last } = rows<{ n: number; last: number | null }>(done)[0] ?? { n: 0, last: null };
  const known = journal(migrations);
  if ((last ?? 0) > Math.max(...known.map((e) => e.when))) {
    throw new StartFault(
      'This database was written by a newer Upwind Rod. Start that version; nothing was changed.',
    );
  }
  return n;
}

function rows<T>(result: unknown): T[] {
  return (Array.isArray(result) ? result : (result as { rows: T[] }).rows) as T[];
}
