'use client';
import { createContext, useCallback, useContext, useEffect, useMemo, useState, type ReactNode } from 'react';
import { useStore } from 'zustand';
import type { PiecePlan } from '@/core/documents/plan';
import type { PlanRecord } from '@/server/types';
import { call, inWords } from './api';
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
  children: ReactNode;
}) {
  const { rigId } = p;
  const [stores, setStores] = useState(() => p.plans.map(createPlanStore));
  const [chosen, choose] = useState<string | null>(p.first ?? null);
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
  const add = useCallback(
    async (doc: PiecePlan) => {
      const answer = await call<PlanRecord>('POST', `/api/rigs/${rigId}/plans`, doc);
      if (answer.kind !== 'done') return inWords(answer);
      setStores((s) => [...s, createPlanStore(answer.data)]);
      choose(answer.data.id);
      return null;
    },
    [rigId],
  );
  const drop = useCallback(async (id: string) => {
    const answer = await call('DELETE', `/api/plans/${id}`);
    if (answer.kind !== 'done') return inWords(answer);
    setStores((s) => s.filter((x) => x.store.getState().id !== id));
    return null;
  }, []);
  const pieces = useMemo(
    () => ({
      rigId,
      stores,
      open: stores.find((s) => s.store.getState().id === chosen) ?? stores[0] ?? null,
      choose,
      add,
      drop,
    }),
    [rigId, stores, chosen, add, drop],
  );
  return <Context value={pieces}>{p.children}</Context>;
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
