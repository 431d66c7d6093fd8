'use client';
import { useEffect } from 'react';
import type { StoreApi } from 'zustand';
import { DOWNLOAD_LINKS } from './places';
import { waitWhile, type Saved, type Saver, type SaveState } from './saver';

/** An open document, and what saves it. */
interface Open {
  readonly store: Pick<StoreApi<{ readonly save: SaveState }>, 'getState'>;
  readonly saver: Pick<Saver<Saved>, 'flush'>;
}

/**
 * What is unsaved is sent before the page is left. A file that the server writes (a print, a list, a document) is asked for when what stands
 * here is saved, so that it is of that and of nothing older; where a save does not go through, which is told, it is asked for all the same.
 */
export function useLeaving(all: readonly Open[]): void {
  useEffect(() => {
    const states = () => all.map((s) => s.store.getState().save);
    const saving = () => states().some((s) => s === 'waiting' || s === 'saving');
    const flush = () => all.forEach((s) => s.saver.flush());
    const leave = (e: Event) => {
      flush();
      if (states().some((s) => s !== 'saved')) e.preventDefault();
    };
    const ask = (e: Event) => {
      const file = (e.target as Partial<Element>).closest?.<HTMLElement>(DOWNLOAD_LINKS);
      if (!file || !saving()) return;
      e.preventDefault();
      // Other documents of the page are asked when it is pressed again.
      e.stopImmediatePropagation();
      flush();
      void waitWhile(saving).then(() => file.click());
    };
    addEventListener('beforeunload', leave);
    addEventListener('click', ask, true);
    document.addEventListener('visibilitychange', flush);
    return () => {
      removeEventListener('beforeunload', leave);
      removeEventListener('click', ask, true);
      document.removeEventListener('visibilitychange', flush);
      flush();
    };
  }, [all]);
}
