import fs from 'node:fs';
import path from 'node:path';
import { sql } from 'drizzle-orm';
import { StartFault } from './lock';
import type { Db } from './handle';

/** The migrations that this program knows, the oldest first. */
export function journal(migrations: string): { when: number }[] {
  const file = path.join(migrations, 'meta', '_journal.json');
  return (JSON.parse(fs.readFileSync(file, 'utf8')) as { entries: { when: number }[] }).entries;
}

/** How many migrations stand in the database; throws where it holds one this program does not know. */
export async function refuseNewer(db: Db, migrations: string): Promise<number> {
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
