import { useEffect, useRef } from 'react';
import type { LiveChange } from './server/live';

/** Gets each change that is told; `all`: something may have been missed. */
export type Ear = (changes: readonly LiveChange[] | 'all') => void;
const ears = new Set<Ear>();

/** Tells every part of the page. */
export const tellChanges: Ear = (changes) => ears.forEach((ear) => ear(changes));

/** Calls `then` when something of a kind was changed, here or on another device, or may have been missed. */
export function useChanges(of: (c: LiveChange) => boolean, then: () => void): void {
  const latest = useRef<Ear>(() => {});
  useEffect(() => {
    latest.current = (changes) => {
      if (changes === 'all' || changes.some(of)) then();
    };
  });
  useEffect(() => {
    const ear: Ear = (changes) => latest.current(changes);
    ears.add(ear);
    return () => void ears.delete(ear);
  }, []);
}
