'use client';
import { useCallback, useEffect, useState } from 'react';
import { theOutbox } from './logged';
import type { Waiting } from './outboxStore';
import { WAITS } from './waits';

const NONE: readonly Waiting[] = [];
/** Whether something may wait, told without opening the browser's database, which most visits never need. */
function mayWait(): boolean {
  try {
    return localStorage.getItem(WAITS) !== null;
  } catch {
    return true;
  }
}

/** What was logged on this device and is not at the server yet; it is sent as soon as the server is `heard` again. */
export function useOutbox(heard: boolean) {
  const [waiting, setWaiting] = useState(NONE);
  useEffect(() => {
    let end = () => {};
    // Fetched now, though nothing waits yet: without a network it could not be.
    void theOutbox().then((box) => {
      const look = () => setWaiting(box.waiting());
      void box.kept();
      end = box.subscribe(look);
      look();
    });
    return () => end();
  }, []);
  const send = useCallback(() => {
    // Of an earlier visit something may wait as well.
    if (mayWait()) void theOutbox().then((box) => box.flush());
  }, []);
  useEffect(() => {
    send();
    window.addEventListener('online', send);
    return () => window.removeEventListener('online', send);
  }, [heard, send]);
  const discard = useCallback((id: string) => void theOutbox().then((box) => box.discard(id)), []);
  return { waiting, send, discard };
}
