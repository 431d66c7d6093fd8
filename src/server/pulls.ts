import 'server-only';
import type { LoggedPull } from '@/core/documents/pull';
import { deletePull, insertPull, pullsOf, type PullRecord } from '@/db/pulls';
import { getRig } from '@/db/rigs';
import { database } from './db';
import { refusal } from './http';

export async function listPulls(rigId: string): Promise<PullRecord[]> {
  return pullsOf(await database(), rigId);
}

/** Logs a reading of the pull; answers with all of the rig's. */
export async function logPull(rigId: string, pull: LoggedPull, id?: string): Promise<PullRecord[]> {
  const db = await database();
  if (!(await getRig(db, rigId))) throw refusal(404, 'not-found', 'There is no such rig.');
  await insertPull(db, rigId, pull, id);
  return pullsOf(db, rigId);
}

export async function removePull(rigId: string, id: string): Promise<PullRecord[]> {
  const db = await database();
  if (!(await deletePull(db, rigId, id))) throw refusal(404, 'not-found', 'There is no such reading.');
  return pullsOf(db, rigId);
}
