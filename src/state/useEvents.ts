'use client';
import { useCallback, useState } from 'react';
import type { RigEvent } from '@/core/documents/event';
import { call, inWords } from './api';
import type { EventRecord } from './types';

/** What happened to a rig: as loaded, with what is noted, changed and taken out since. Each answers with a fault, or null. */
export function useEvents(rigId: string, loaded: readonly EventRecord[]) {
  const [events, setEvents] = useState(loaded);
  const ask = useCallback(async (method: string, path: string, body?: unknown) => {
    const answer = await call<EventRecord[]>(method, path, body);
    if (answer.kind !== 'done') return inWords(answer);
    setEvents(answer.data);
    return null;
  }, []);
  const note = useCallback((event: RigEvent) => ask('POST', `/api/rigs/${rigId}/events`, event), [ask, rigId]);
  const change = useCallback(
    (id: string, event: RigEvent) => ask('PUT', `/api/rigs/${rigId}/events/${id}`, event),
    [ask, rigId],
  );
  const drop = useCallback((id: string) => ask('DELETE', `/api/rigs/${rigId}/events/${id}`), [ask, rigId]);
  return { events, note, change, drop };
}
