'use client';
import {
  createContext,
  useCallback,
  useContext,
  useEffect,
  useMemo,
  useState,
  type ReactNode,
  type RefObject,
} from 'react';
import { useQuery } from '@tanstack/react-query';
import { useStore } from 'zustand';
import type { PiecePlan } from '@/core/documents/plan';
import type { PlanRecord } from '@/server/types';
import { inWords } from './api';
import { answered, useAct } from './ask';
import { keys } from './keys';
import { planServer } from './server/plans';
import type { Kept } from './keptPieces';
import { createPlanStore, type PlanState, type PlanStore } from './planStore';

/** The pieces of a rig and the one that is open. */
interface Pieces {
  readonly rigId: string;
  readonly stores: readonly PlanStore[];
  readonly open: PlanStore | null;
  readonly choose: (id: string) => void;
  readonly add: (doc: PiecePlan) => Promise<string | null>;
  readonly drop: (id: string) => Promise<string | null>;
}
const Context = createContext<Pieces | null>(null);

/** The pieces planned on a rig, for everything below; what is unsaved is sent before the page is left. */
export function PlanProvider(p: {
  rigId: string;
  plans: readonly PlanRecord[];
  first?: string | null;
  /** Where the pieces are kept while nothing below is shown; else they are made anew each time. */
  keptRef?: RefObject<Kept | null>;
  children: ReactNode;
}) {
  const { rigId } = p;
  const [stores, setStores] = useState(() => p.keptRef?.current?.stores ?? p.plans.map(createPlanStore));
  const [chosen, setChosen] = useState<string | null>(p.keptRef?.current?.chosen ?? p.first ?? null);
  // The piece that was last open on this rig is the one that is open on its other pages.
  const choose = useCallback(
    (id: string) => {
      setChosen(id);
      remember(rigId, id);
    },
    [rigId],
  );
  useEffect(() => setChosen((now) => now ?? remembered(rigId)), [rigId]);
  const { keptRef } = p;
  useEffect(() => {
    if (keptRef) keptRef.current = { stores, chosen };
  }, [keptRef, stores, chosen]);
  // A page that is come back to may hold pieces as they were: what was saved since takes their place, unless something waits here.
  const { data: since, isFetchedAfterMount } = useQuery({
    queryKey: keys.plans(rigId),
    queryFn: () => answered(planServer.all(rigId)),
    staleTime: 0,
    gcTime: 0,
  });
  useEffect(() => {
    if (since && isFetchedAfterMount) setStores((were) => caughtUp(were, since));
  }, [since, isFetchedAfterMount]);
  useEffect(() => {
    const flush = () => stores.forEach((s) => s.saver.flush());
    const leave = (e: BeforeUnloadEvent) => {
      flush();
      if (stores.some((s) => s.saver.open)) e.preventDefault();
    };
    window.addEventListener('beforeunload', leave);
    document.addEventListener('visibilitychange', flush);
    return () => {
      window.removeEventListener('beforeunload', leave);
      document.removeEventListener('visibilitychange', flush);
      flush();
    };
  }, [stores]);
  const make = useAct((doc: PiecePlan) => planServer.add(rigId, doc), [keys.plans(rigId)]);
  const discard = useAct((id: string) => planServer.drop(id), [keys.plans(rigId)]);
  const add = useCallback(
    async (doc: PiecePlan) => {
      const answer = await make(doc);
      if (answer.kind !== 'done') return inWords(answer);
      setStores((s) => [...s, createPlanStore(answer.data)]);
      choose(answer.data.id);
      return null;
    },
    [make, choose],
  );
  const drop = useCallback(
    async (id: string) => {
      const answer = await discard(id);
      if (answer.kind !== 'done') return inWords(answer);
      setStores((s) => s.filter((x) => x.store.getState().id !== id));
      return null;
    },
    [discard],
  );
  const pieces = useMemo(
    () => ({
      rigId,
      stores,
      open: stores.find((s) => s.store.getState().id === chosen) ?? stores[0] ?? null,
      choose,
      add,
      drop,
    }),
    [rigId, stores, chosen, choose, add, drop],
  );
  return <Context value={pieces}>{p.children}</Context>;
}

const key = (rigId: string) => `piece:${rigId}`;
function remember(rigId: string, id: string): void {
  try {
    sessionStorage.setItem(key(rigId), id);
  } catch {
    // A browser that keeps nothing: the first piece is open next time.
  }
}
function remembered(rigId: string): string | null {
  try {
    return sessionStorage.getItem(key(rigId));
  } catch {
    return null;
  }
}

/** The stores with what the server has since: newer saves, pieces made and thrown away elsewhere. The same list where nothing is new. */
function caughtUp(were: readonly PlanStore[], records: readonly PlanRecord[]): PlanStore[] {
  const next = records.map((r) => {
    const own = were.find((s) => s.store.getState().id === r.id);
    return own && (own.saver.open || own.saver.revision >= r.revision) ? own : createPlanStore(r);
  });
  const same = next.length === were.length && next.every((s, i) => s === were[i]);
  return same ? (were as PlanStore[]) : next;
}

export function usePieces(): Pieces {
  const pieces = useContext(Context);
  if (!pieces) throw new Error('no pieces above');
  return pieces;
}

/** Something of the open plan; there must be one. */
export function usePlan<T>(pick: (s: PlanState) => T): T {
  const { open } = usePieces();
  if (!open) throw new Error('no piece open');
  return useStore(open.store, pick);
}
