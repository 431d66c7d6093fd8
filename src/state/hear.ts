import type { QueryClient } from '@tanstack/react-query';
import { keys } from './keys';
import { quietSince } from './quiet';
import { hearLive, type LiveChange, type LookingOn } from './server/live';

/** Drawn anew by the server at most so often, ms. */
const REDRAW_MS = 400;

export interface Hearing {
  readonly client: QueryClient;
  /** The rig that the page is about; null: none. */
  readonly rig: string | null;
  /** When the server made the page, by its own clock, ms. */
  readonly made: number;
  /** The page of a rig itself takes what is saved of it by itself: it is not drawn anew for that. */
  readonly follows: () => boolean;
  /** Has the server draw the page anew. */
  readonly refresh: () => void;
  readonly onChanges: (changes: readonly LiveChange[] | 'all') => void;
  readonly onHere: (others: readonly LookingOn[]) => void;
  readonly onHeard: (heard: boolean) => void;
}

/** Hears what other windows and devices save, while the page is looked at: what is shown is asked for again. Answers with what ends it. */
export function hear(of: Hearing): () => void {
  let end: (() => void) | null = null;
  let timer: ReturnType<typeof setTimeout> | undefined;
  let last = 0;
  let seen = false;
  const redraw = () => {
    clearTimeout(timer);
    timer = setTimeout(
      () => {
        last = Date.now();
        of.refresh();
      },
      Math.max(0, last + REDRAW_MS - Date.now()),
    );
  };
  let news: readonly LiveChange[] | 'all' = [];
  let waits = false;
  // What is told while nothing may be disturbed comes as one.
  const told = async (more: readonly LiveChange[] | 'all') => {
    news = news === 'all' || more === 'all' ? 'all' : [...news, ...more];
    if (waits) return;
    waits = true;
    await quietSince();
    waits = false;
    const changes = news;
    news = [];
    const stale = changes === 'all' ? [undefined] : changes.flatMap(staleBy);
    new Map(stale.map((key) => [key?.join(), key])).forEach(
      (queryKey) => void of.client.invalidateQueries({ queryKey }),
    );
    of.onChanges(changes);
    if (changes === 'all' || !of.follows() || changes.some((c) => c.rig !== of.rig)) redraw();
  };
  // A browser keeps six connections to a server for all its windows: those that are not looked at give theirs back.
  const look = () => {
    if (document.visibilityState !== 'visible') {
      end?.();
      end = null;
      return;
    }
    if (end) return;
    end = hearLive(of.rig, seen ? -Infinity : of.made, {
      onChanges: (changes) => void told(changes),
      onHere: of.onHere,
      onMissed: () => void told('all'),
      onHeard: of.onHeard,
    });
    seen = true;
  };
  look();
  document.addEventListener('visibilitychange', look);
  return () => {
    document.removeEventListener('visibilitychange', look);
    clearTimeout(timer);
    end?.();
  };
}

/** What of the server's answers a change makes stale. */
export function staleBy(c: LiveChange): (readonly unknown[])[] {
  if (c.rig === undefined)
    return c.part === 'machines' ? [keys.machines()] : c.part === 'devices' ? [keys.devices()] : [];
  const { rig } = c;
  switch (c.part) {
    case 'cuts':
      return [keys.log(), keys.wire(rig)];
    case 'pulls':
      return [keys.log(), keys.pulls(rig), keys.wire(rig)];
    case 'events':
      return [keys.log(), keys.events(rig), keys.wire(rig)];
    case 'photos':
      return [keys.log(), keys.photos(rig)];
    case 'plans':
      return [keys.plans(rig), keys.pieces()];
    case 'jobs':
      return [keys.jobs(rig)];
    default:
      return [];
  }
}
