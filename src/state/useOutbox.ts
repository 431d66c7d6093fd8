'use client';
import { useEffect, useSyncExternalStore } from 'react';
import { useLive } from './Live';
import { outbox } from './outbox';
import type { Waiting } from './outboxStore';

const NONE: readonly Waiting[] = [];

/** What was logged on this device and is not at the server yet; it is sent as soon as the server is heard again. */
export function useOutbox() {
  const waiting = useSyncExternalStore(outbox.subscribe, outbox.waiting, () => NONE);
  const { heard } = useLive();
  useEffect(() => {
    const send = () => void outbox.flush();
    // Of an earlier visit something may wait as well.
    send();
    window.addEventListener('online', send);
    return () => window.removeEventListener('online', send);
  }, [heard]);
  return { waiting, send: () => void outbox.flush(), discard: (id: string) => void outbox.discard(id) };
}
