import 'server-only';
import path from 'node:path';
import { openDb, type Db, type Handle } from '@/db/open';

const kept = globalThis as unknown as { upwindDb?: Promise<Handle> };

/** Where everything is kept: UPWIND_DATA, otherwise ./data. */
export function dataFolder(): string {
  return path.resolve(/*turbopackIgnore: true*/ process.cwd(), process.env.UPWIND_DATA ?? 'data');
}

/** The one open database of this process. Never opened while the program is being built. */
export function handle(): Promise<Handle> {
  if (process.env.NEXT_PHASE === 'phase-production-build') throw new Error('database opened during build');
  kept.upwindDb ??= openDb({
    folder: path.join(dataFolder(), 'db'),
    migrations: path.join(/*turbopackIgnore: true*/ process.cwd(), 'src/db/migrations'),
    url: process.env.DATABASE_URL,
  }).catch((e: unknown) => {
    kept.upwindDb = undefined;
    throw e;
  });
  return kept.upwindDb;
}

export async function database(): Promise<Db> {
  return (await handle()).db;
}

/** Closes the database if it was opened. */
export async function closeDatabase(): Promise<void> {
  const open = kept.upwindDb;
  kept.upwindDb = undefined;
  await (await open?.catch(() => undefined))?.close();
}
