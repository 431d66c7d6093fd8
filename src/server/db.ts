import 'server-only';
import path from 'node:path';
import { StartFault } from '@/db/lock';
import { openDb, type Db, type Handle } from '@/db/open';
import { LEAST_FREE, megabytes, roomFor } from '@/db/room';
import { refusal } from './http';

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
    wait: waits(),
    // Made with the build (scripts/build.mjs).
    newborn: path.join(/*turbopackIgnore: true*/ process.cwd(), '.next', 'newborn'),
  }).catch((e: unknown) => {
    kept.upwindDb = undefined;
    throw e;
  });
  return kept.upwindDb;
}

/** Whether a save waits for the disk: yes, unless UPWIND_SYNC=relaxed says otherwise, for slow cards. */
export function waits(): boolean {
  const asked = process.env.UPWIND_SYNC ?? '';
  if (asked !== '' && asked !== 'full' && asked !== 'relaxed')
    throw new StartFault(`UPWIND_SYNC must be full or relaxed, not ${asked}.`);
  return asked !== 'relaxed';
}

/** Refuses a write for which the disk has no room: nothing is half done, and reading goes on. */
export function roomForWrites(bytes = 0): void {
  if (process.env.DATABASE_URL || roomFor(dataFolder(), bytes)) return;
  throw refusal(
    507,
    'disk-full',
    `The disk with the data folder is full: this was not saved. Free ${megabytes(LEAST_FREE + bytes)} on it; what was saved before is kept.`,
  );
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
