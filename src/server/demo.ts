import 'server-only';
import { deleteWorkshop, insertWorkshopIfEmpty, type Workshop } from '@/db/demo';
import type { Db } from '@/db/open';
import { database } from './db';
import { refusal } from './http';

/** The demo workshop as committed: made once by scripts/makeWorkshop.ts with a fixed seed. */
export async function loadWorkshopIfEmpty(db: Db): Promise<boolean> {
  const { default: workshop } = await import('@/db/workshop.json');
  return insertWorkshopIfEmpty(db, workshop as unknown as Workshop);
}

export async function loadWorkshop(): Promise<{ ok: true }> {
  if (!(await loadWorkshopIfEmpty(await database())))
    throw refusal(409, 'not-empty', 'The sample workshop is put in only where nothing of your own lies yet.');
  return { ok: true };
}

export async function emptyWorkshop(): Promise<{ kept: number }> {
  return deleteWorkshop(await database());
}
