import type { DBSchema, IDBPDatabase } from 'idb';
import { WAITS } from './waits';

/** Something that was logged and not yet acknowledged by the server. */
export interface Waiting {
  /** Made on this device; the server takes each only once. */
  readonly id: string;
  /** Something new, or one that is there anew as it now is. */
  readonly method: 'POST' | 'PUT';
  readonly path: string;
  readonly body: unknown;
  /** When it was logged, ISO. */
  readonly at: string;
  /** Why the server refused it; it is kept until somebody has seen that. */
  readonly refused?: string;
}

/** Where they wait: a database of the browser, so that neither a reload nor a flat battery loses them. */
export interface OutboxStore {
  put(w: Waiting): Promise<void>;
  remove(id: string): Promise<void>;
  /** All, the oldest first. */
  all(): Promise<Waiting[]>;
}

interface Schema extends DBSchema {
  waiting: { key: string; value: Waiting };
}

/** Says to later visits whether something may wait. */
function flag(up: boolean): void {
  try {
    if (up) localStorage.setItem(WAITS, '1');
    else localStorage.removeItem(WAITS);
  } catch {
    // It is looked for each time, then.
  }
}

/** The browser's own; null where it keeps nothing, as in some private windows. */
export async function browserStore(): Promise<OutboxStore | null> {
  try {
    const { openDB } = await import('idb');
    const db: IDBPDatabase<Schema> = await openDB<Schema>('upwind', 1, {
      upgrade: (made) => void made.createObjectStore('waiting', { keyPath: 'id' }),
    });
    return {
      put: async (w) => {
        flag(true);
        await db.put('waiting', w);
      },
      remove: (id) => db.delete('waiting', id),
      all: async () => {
        const all = await db.getAll('waiting');
        if (all.length === 0) flag(false);
        return all.sort((a, b) => (a.at < b.at ? -1 : a.at > b.at ? 1 : 0));
      },
    };
  } catch {
    return null;
  }
}
