import type { HeatStep } from '@/core/documents/event';

/** One going-through of a first heat: which checks are done, where it stands, what was read. */
export interface Session {
  readonly checked: readonly string[];
  /** Number of the practice bench; null where a person reads a meter. */
  readonly bench: number | null;
  readonly voltsAt: 'display' | 'clips';
  /** Step that is set now; null before the first. */
  readonly at: number | null;
  /** When it was set, ms. */
  readonly since: number;
  readonly reads: readonly HeatStep[];
}

export const FRESH: Session = { checked: [], bench: null, voltsAt: 'clips', at: null, since: 0, reads: [] };
const keyOf = (rigId: string) => `first-heat ${rigId}`;

/** What of a first heat was kept in this browser; a fresh one where nothing was, or nothing that can be read. */
export function kept(rigId: string): Session {
  try {
    const text = window.localStorage.getItem(keyOf(rigId));
    return text ? { ...FRESH, ...(JSON.parse(text) as Partial<Session>) } : FRESH;
  } catch {
    return FRESH;
  }
}

/** Keeps it; a full or closed store keeps nothing, and the session goes on. */
export function keep(rigId: string, session: Session): void {
  try {
    window.localStorage.setItem(keyOf(rigId), JSON.stringify(session));
  } catch {
    // Said above.
  }
}
