import { and, desc, eq } from 'drizzle-orm';
import { changesBetween, mergedChanges } from '@/core/documents/changes';
import type { ChangeEvent, RigEvent } from '@/core/documents/event';
import type { Rig } from '@/core/documents/rig';
import type { Db } from './open';
import { events } from './schema';

/** An event as kept. */
export interface EventRecord {
  readonly id: string;
  readonly rigId: string;
  readonly event: RigEvent;
}

/** Changes within this long of each other are one entry. */
const ONE_SITTING_MS = 15 * 60_000;

export async function insertEvent(
  db: Db,
  rigId: string,
  event: RigEvent,
  id: string = crypto.randomUUID(),
): Promise<EventRecord> {
  await db.insert(events).values({ id, rigId, kind: event.kind, event, at: event.at });
  return { id, rigId, event };
}

/** Puts in events of the sample workshop, of several rigs at once. */
export async function insertDemoEvents(
  db: Db,
  list: readonly { readonly rigId: string; readonly event: RigEvent }[],
): Promise<void> {
  if (list.length === 0) return;
  await db.insert(events).values(
    list.map(({ rigId, event }) => {
      const { kind, at } = event;
      return { id: crypto.randomUUID(), rigId, kind, event, at, demo: true };
    }),
  );
}

/** Whether an event is there, and of which rig. */
export async function rigOfEvent(db: Db, id: string): Promise<string | null> {
  const [row] = await db.select({ rigId: events.rigId }).from(events).where(eq(events.id, id));
  return row?.rigId ?? null;
}

/** The events of a rig, the oldest first; of one kind where asked. */
export async function eventsOf(db: Db, rigId: string, kind?: RigEvent['kind']): Promise<EventRecord[]> {
  const where = kind ? and(eq(events.rigId, rigId), eq(events.kind, kind)) : eq(events.rigId, rigId);
  const rows = await db.select().from(events).where(where).orderBy(events.at, events.id);
  return rows.map(({ id, event }) => ({ id, rigId, event }));
}

export async function replaceEvent(db: Db, rigId: string, id: string, event: RigEvent): Promise<boolean> {
  const done = await db
    .update(events)
    .set({ event, kind: event.kind, at: event.at })
    .where(and(eq(events.id, id), eq(events.rigId, rigId)))
    .returning({ id: events.id });
  return done.length > 0;
}

export async function deleteEvent(db: Db, rigId: string, id: string): Promise<boolean> {
  const gone = await db
    .delete(events)
    .where(and(eq(events.id, id), eq(events.rigId, rigId)))
    .returning({ id: events.id });
  return gone.length > 0;
}

/**
 * Notes what a save changed. Changes of one sitting, a quarter of an hour from the last, are one entry: what came back to where
 * it was leaves it, and an entry with nothing left goes.
 */
export async function noteChanges(db: Db, rigId: string, before: Rig, after: Rig, at: string): Promise<void> {
  const changes = changesBetween(before, after);
  if (changes.length === 0) return;
  const [last] = await db
    .select()
    .from(events)
    .where(and(eq(events.rigId, rigId), eq(events.kind, 'change')))
    .orderBy(desc(events.at))
    .limit(1);
  const recent = last && Date.parse(at) - Date.parse(last.at) < ONE_SITTING_MS ? last : null;
  if (!recent) {
    await insertEvent(db, rigId, { kind: 'change', at, changes, note: '' });
    return;
  }
  const merged = mergedChanges((recent.event as ChangeEvent).changes, changes);
  if (merged.length === 0) await db.delete(events).where(eq(events.id, recent.id));
  else
    await db
      .update(events)
      .set({ event: { ...(recent.event as ChangeEvent), at, changes: merged }, at })
      .where(eq(events.id, recent.id));
}
