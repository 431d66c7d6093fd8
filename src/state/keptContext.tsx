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
import { useQuery, type QueryKey } from '@tanstack/react-query';
import { useStore, type StoreApi } from 'zustand';
import type { KeptRecord } from '@/server/types';
import { inWords, type Outcome } from './api';
import { answered, useAct } from './ask';
import { useLeaving } from './leaving';
import type { Saved, Saver, SaveState } from './saver';

/** A store of one document that is kept beside a rig. */
interface OpenStore<S, Followed> {
  readonly store: StoreApi<S>;
  readonly saver: Pick<Saver<Saved>, 'flush' | 'open' | 'revision'>;
  /** Takes what was saved elsewhere, where nothing of its own waits. */
  readonly follow: (answer: Followed) => Promise<boolean>;
}
/** The stores of a rig and which is open, as its page keeps them while nothing of theirs is shown. */
export interface KeptOpen<K> {
  readonly stores: readonly K[];
  readonly chosen: string | null;
}
/** The documents of one kind on a rig and the one that is open. */
export interface AllOf<D, K> {
  readonly rigId: string;
  readonly stores: readonly K[];
  readonly open: K | null;
  readonly choose: (id: string) => void;
  readonly add: (doc: D) => Promise<string | null>;
  readonly drop: (id: string) => Promise<string | null>;
}

/** What one kind of document beside a rig is made of. */
interface Of<D, K> {
  /** The prefix under which the browser remembers which is open. */
  readonly name: string;
  readonly key: (rig: string) => QueryKey;
  readonly server: {
    readonly all: (rig: string) => Promise<Outcome<readonly KeptRecord<D>[]>>;
    readonly add: (rig: string, doc: D) => Promise<Outcome<KeptRecord<D>>>;
    readonly drop: (id: string) => Promise<Outcome<unknown>>;
  };
  readonly make: (record: KeptRecord<D>) => K;
}

/** Context, provider and hooks of one kind of document that is kept beside a rig. */
export function keptContext<
  D,
  S extends { readonly id: string; readonly doc: D; readonly save: SaveState },
  K extends OpenStore<S, { readonly record: KeptRecord<D> }>,
>(of: Of<D, K>) {
  const Context = createContext<AllOf<D, K> | null>(null);
  const key = (rigId: string) => `${of.name}:${rigId}`;
  const idOf = (s: K) => s.store.getState().id;

  /** The documents of a rig, for everything below; what is unsaved is sent before the page is left. */
  function Provider(p: {
    rigId: string;
    records: readonly KeptRecord<D>[];
    first?: string | null;
    /** Which of the rig's documents this page is about; all where nothing is said. */
    only?: (doc: D) => boolean;
    /** Where the stores are kept while nothing below is shown; else they are made anew each time. */
    keptRef?: RefObject<KeptOpen<K> | null>;
    children: ReactNode;
  }) {
    const { rigId, only } = p;
    const [stores, setStores] = useState(
      () => p.keptRef?.current?.stores ?? p.records.filter((r) => only?.(r.doc) ?? true).map(of.make),
    );
    const [chosen, setChosen] = useState<string | null>(p.keptRef?.current?.chosen ?? p.first ?? null);
    // The one that was last open on this rig is the one that is open on its other pages.
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
    // A page that is come back to may hold documents as they were: what was saved since takes their place, unless something waits here.
    const {
      data: since,
      isFetchedAfterMount,
      refetch,
    } = useQuery({
      queryKey: of.key(rigId),
      queryFn: () => answered(of.server.all(rigId)),
      staleTime: 0,
      gcTime: 0,
    });
    useEffect(() => {
      if (since && isFetchedAfterMount)
        setStores((were) =>
          caughtUp(
            were,
            since.filter((r) => only?.(r.doc) ?? true),
          ),
        );
    }, [since, isFetchedAfterMount, only]);
    // One that waited for its own save when another's was told is looked at once more.
    useEffect(() => {
      const behind = stores.some(
        (s) => (since?.find((r) => r.id === idOf(s))?.revision ?? 0) > s.saver.revision,
      );
      if (!behind) return;
      const timer = setTimeout(() => void refetch(), 1000);
      return () => clearTimeout(timer);
    }, [stores, since, refetch]);
    useLeaving(stores);
    const make = useAct((doc: D) => of.server.add(rigId, doc), [of.key(rigId)]);
    const discard = useAct((id: string) => of.server.drop(id), [of.key(rigId)]);
    const add = useCallback(
      async (doc: D) => {
        const answer = await make(doc);
        if (answer.kind !== 'done') return inWords(answer);
        // The list may have been asked for anew in between, and hold it already.
        setStores((s) => (s.some((x) => idOf(x) === answer.data.id) ? s : [...s, of.make(answer.data)]));
        choose(answer.data.id);
        return null;
      },
      [make, choose],
    );
    const drop = useCallback(
      async (id: string) => {
        const answer = await discard(id);
        if (answer.kind !== 'done') return inWords(answer);
        setStores((s) => s.filter((x) => idOf(x) !== id));
        return null;
      },
      [discard],
    );
    const all = useMemo(
      () => ({
        rigId,
        stores,
        open: stores.find((s) => idOf(s) === chosen) ?? stores[0] ?? null,
        choose,
        add,
        drop,
      }),
      [rigId, stores, chosen, choose, add, drop],
    );
    return <Context value={all}>{p.children}</Context>;
  }

  function remember(rigId: string, id: string): void {
    try {
      sessionStorage.setItem(key(rigId), id);
    } catch {
      // A browser that keeps nothing: the first is open next time.
    }
  }
  function remembered(rigId: string): string | null {
    try {
      return sessionStorage.getItem(key(rigId));
    } catch {
      return null;
    }
  }

  /** The stores with what the server has since: newer saves, documents made and thrown away elsewhere. The same list where nothing is new. */
  function caughtUp(were: readonly K[], records: readonly KeptRecord<D>[]): K[] {
    const next = records.map((r) => {
      const own = were.find((s) => idOf(s) === r.id);
      void own?.follow({ record: r });
      return own ?? of.make(r);
    });
    const same = next.length === were.length && next.every((s, i) => s === were[i]);
    return same ? (were as K[]) : next;
  }

  /** The documents on the rig of this page. */
  function useAll(): AllOf<D, K> {
    const all = useContext(Context);
    if (!all) throw new Error(`no ${of.name} above`);
    return all;
  }
  /** Something of the open document; there must be one. */
  function useOpen<T>(pick: (s: S) => T): T {
    const { open } = useAll();
    if (!open) throw new Error(`no ${of.name} open`);
    return useStore(open.store, pick);
  }
  return { Provider, useAll, useOpen };
}
