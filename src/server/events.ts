import 'server-only';
import type { RigEvent } from '@/core/documents/event';
import { deleteEvent, eventsOf, insertEvent, replaceEvent, type EventRecord } from '@/db/events';
import { getRig } from '@/db/rigs';
import { database } from './db';
import { refusal } from './http';

export async function listEvents(rigId: string): Promise<EventRecord[]> {
  return eventsOf(await database(), rigId);
}

/** Notes something that happened to a rig; answers with all that did. A wire can be under power only once at a time. */
export async function addEvent(rigId: string, event: RigEvent): Promise<EventRecord[]> {
  const db = await database();
  if (!(await getRig(db, rigId))) throw refusal(404, 'not-found', 'There is no such rig.');
  const on = event.kind === 'hot' && event.until === null;
  if (on && (await eventsOf(db, rigId, 'hot')).some((e) => e.event.kind === 'hot' && e.event.until === null))
    throw refusal(409, 'once', 'This rig is noted as under power already.');
  await insertEvent(db, rigId, event);
  return eventsOf(db, rigId);
}

export async function changeEvent(rigId: string, id: string, event: RigEvent): Promise<EventRecord[]> {
  const db = await database();
  if (!(await replaceEvent(db, rigId, id, event))) throw refusal(404, 'not-found', 'There is no such entry.');
  return eventsOf(db, rigId);
}

export async function removeEvent(rigId: string, id: string): Promise<EventRecord[]> {
  const db = await database();
  if (!(await deleteEvent(db, rigId, id))) throw refusal(404, 'not-found', 'There is no such entry.');
  return eventsOf(db, rigId);
}
