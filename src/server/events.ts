import 'server-only';
import type { RigEvent } from '@/core/documents/event';
import { deleteEvent, eventsOf, insertEvent, replaceEvent, rigOfEvent, type EventRecord } from '@/db/events';
import type { Db } from '@/db/open';
import { holdRig } from '@/db/rigs';
import { database } from './db';
import { takenElsewhere } from './once';
import { refusal } from './http';

export async function listEvents(rigId: string): Promise<EventRecord[]> {
  return eventsOf(await database(), rigId);
}

/** What can stand open on a rig only once at a time, and how a second one is refused. */
const ONCE = {
  hot: 'This rig is noted as under power already.',
  slack: 'This rig is noted as slackened already.',
} as const;
const isOpen = (e: RigEvent, kind: keyof typeof ONCE) => e.kind === kind && e.until === null;

/** Refuses an event that would stand open beside another of its kind; `id` names the one it replaces. */
async function refuseSecond(db: Db, rigId: string, event: RigEvent, id?: string): Promise<void> {
  for (const kind of ['hot', 'slack'] as const)
    if (
      isOpen(event, kind) &&
      (await eventsOf(db, rigId, kind)).some((e) => e.id !== id && isOpen(e.event, kind))
    )
      throw refusal(409, 'once', ONCE[kind]);
}

/** Notes something that happened to a rig; answers with all that did. */
export async function addEvent(rigId: string, event: RigEvent, id?: string): Promise<EventRecord[]> {
  return (await database()).transaction(async (tx) => {
    const db = tx as unknown as Db;
    // Two who note the same at once come one after the other.
    if (!(await holdRig(db, rigId))) throw refusal(404, 'not-found', 'There is no such rig.');
    const of = id === undefined ? null : await rigOfEvent(db, id);
    if (of !== null && of !== rigId) throw takenElsewhere();
    if (of === null) {
      await refuseSecond(db, rigId, event);
      await insertEvent(db, rigId, event, id);
    }
    return eventsOf(db, rigId);
  });
}

export async function changeEvent(rigId: string, id: string, event: RigEvent): Promise<EventRecord[]> {
  return (await database()).transaction(async (tx) => {
    const db = tx as unknown as Db;
    await holdRig(db, rigId);
    await refuseSecond(db, rigId, event, id);
    if (!(await replaceEvent(db, rigId, id, event))) throw refusal(404, 'not-found', 'There is no such entry.');
    return eventsOf(db, rigId);
  });
}

export async function removeEvent(rigId: string, id: string): Promise<EventRecord[]> {
  const db = await database();
  if (!(await deleteEvent(db, rigId, id))) throw refusal(404, 'not-found', 'There is no such entry.');
  return eventsOf(db, rigId);
}
