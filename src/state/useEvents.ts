'use client';
import { useCallback, useState } from 'react';
import type { RigEvent } from '@/core/documents/event';
import { inWords, type Outcome } from './api';
import { server } from './server';
import type { EventRecord } from './types';

/** What happened to a rig: as loaded, with what is noted, changed and taken out since. Each answers with a fault, or null. */
export function useEvents(rigId: string, loaded: readonly EventRecord[]) {
  const [events, setEvents] = useState(loaded);
  const then = useCallback(async (asked: Promise<Outcome<EventRecord[]>>) => {
    const answer = await asked;
    if (answer.kind !== 'done') return inWords(answer);
    setEvents(answer.data);
    return null;
  }, []);
  const note = useCallback((event: RigEvent) => then(server.noteEvent(rigId, event)), [then, rigId]);
  const change = useCallback(
    (id: string, event: RigEvent) => then(server.amendEvent(rigId, id, event)),
    [then, rigId],
  );
  const drop = useCallback((id: string) => then(server.deleteEvent(rigId, id)), [then, rigId]);
  return { events, note, change, drop };
}
