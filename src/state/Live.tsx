'use client';
import { useQueryClient } from '@tanstack/react-query';
import { usePathname, useRouter } from 'next/navigation';
import { createContext, useContext, useEffect, useMemo, useRef, useState, type ReactNode } from 'react';
import { keys } from './keys';
import { rigOf } from './places';
import { quietSince } from './quiet';
import type { LiveChange, LookingOn } from './server/live';

type Ear = (changes: readonly LiveChange[] | 'all') => void;
interface Live {
  /** Pages that others have open. */
  readonly others: readonly LookingOn[];
  /** The rig that this page is about; null: none. */
  readonly rig: string | null;
  readonly heard: boolean;
  /** Calls an ear with each change; the answer ends it. */
  readonly hear: (ear: Ear) => () => void;
}
const Context = createContext<Live | null>(null);

/** Drawn anew by the server at most so often, ms. */
const REDRAW_MS = 400;

/** Hears what other windows and devices save, for everything below: what is shown is asked for again, edits under way are left alone. */
export function LiveChanges({ made, children }: { made: number; children: ReactNode }) {
  const client = useQueryClient();
  const router = useRouter();
  const path = usePathname();
  const [rig, setRig] = useState<string | null>(null);
  const [others, setOthers] = useState<readonly LookingOn[]>([]);
  const [heard, setHeard] = useState(false);
  const ears = useRef(new Set<Ear>());
  // When the page was loaded whole; what it is drawn anew from comes fresh.
  const first = useRef(made);
  useEffect(() => setRig(rigOf(path, window.location.search)), [path]);
  useEffect(() => {
    let end: (() => void) | null = null;
    let timer: ReturnType<typeof setTimeout> | undefined;
    let last = 0;
    const redraw = () => {
      clearTimeout(timer);
      timer = setTimeout(
        () => {
          last = Date.now();
          router.refresh();
        },
        Math.max(0, last + REDRAW_MS - Date.now()),
      );
    };
    const stale = (key: readonly unknown[]) => void client.invalidateQueries({ queryKey: key });
    const told = async (changes: readonly LiveChange[] | 'all') => {
      await quietSince();
      if (changes === 'all') void client.invalidateQueries();
      else changes.forEach((c) => staleBy(c).forEach(stale));
      ears.current.forEach((ear) => ear(changes));
      redraw();
    };
    const start = () => {
      let over = false;
      end = () => {
        over = true;
      };
      // What hears is fetched after the page, which does not wait for it.
      void import('./server/live').then(({ hearLive }) => {
        if (over) return;
        end = hearLive(rig, first.current, {
          onChanges: (changes) => void told(changes),
          onHere: setOthers,
          onMissed: () => void told('all'),
          onHeard: setHeard,
        });
      });
    };
    // A browser keeps six connections to a server for all its windows: those that are not looked at give theirs back.
    const look = () => {
      if (document.visibilityState === 'visible') {
        if (end) return;
        start();
        if (last > 0) void told('all');
        last ||= 1;
      } else {
        end?.();
        end = null;
      }
    };
    look();
    document.addEventListener('visibilitychange', look);
    return () => {
      document.removeEventListener('visibilitychange', look);
      clearTimeout(timer);
      end?.();
    };
  }, [client, router, rig]);
  const live = useMemo<Live>(
    () => ({
      others,
      rig,
      heard,
      hear: (ear) => {
        ears.current.add(ear);
        return () => void ears.current.delete(ear);
      },
    }),
    [others, rig, heard],
  );
  return <Context value={live}>{children}</Context>;
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

export function useLive(): Live {
  const live = useContext(Context);
  if (!live) throw new Error('nothing is heard above');
  return live;
}

/** Calls `then` when something of a kind was changed, or may have been missed. */
export function useChanges(of: (c: LiveChange) => boolean, then: () => void): void {
  const { hear } = useLive();
  const latest = useRef({ of, then });
  useEffect(() => {
    latest.current = { of, then };
  });
  useEffect(
    () =>
      hear((changes) => {
        if (changes === 'all' || changes.some((c) => latest.current.of(c))) latest.current.then();
      }),
    [hear],
  );
}
