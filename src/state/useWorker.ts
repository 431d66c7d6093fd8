'use client';
import { useEffect, useRef, useState } from 'react';
import { Latest, type Port } from '@/workers/latest';

/** What a worker that is asked again and again answers: the thing asked for, or why there is none. */
type Reply = { readonly id: number } & ({ readonly ok: true } | { readonly ok: false; readonly fault: string });

/** How the asking stands: the last good answer, why the newest was none, whether it took too long, whether it is an older one. */
export interface Answered<A extends Reply> {
  readonly good: Extract<A, { ok: true }> | null;
  readonly refused: string | null;
  readonly late: boolean;
  readonly stale: boolean;
}

/** A worker as its askers see it; the bundler wants its address written out where it is made. */
export const asPort = <Q, A>(worker: Worker) => worker as unknown as Port<Q, A>;

/**
 * Asks a worker whenever one of `when` changes, the latest question only; the old answer stays, marked stale, until the new
 * one comes. The worker is stopped at the deadline and with the page.
 */
export function useWorker<Q extends { id: number }, A extends Reply>(
  make: () => Port<Q, A>,
  question: Omit<Q, 'id'>,
  when: readonly unknown[],
  deadlineMs: number,
): Answered<A> {
  const [state, setState] = useState<Answered<A>>({ good: null, refused: null, late: false, stale: true });
  const asker = useRef<Latest<Q, A> | null>(null);
  const count = useRef(0);
  useEffect(() => {
    asker.current = new Latest<Q, A>(
      make,
      (answer) =>
        setState((s) => ({
          good: answer.ok ? (answer as Extract<A, { ok: true }>) : s.good,
          refused: answer.ok ? null : answer.fault,
          late: false,
          stale: answer.id !== count.current,
        })),
      () => setState((s) => ({ ...s, stale: false, late: true })),
      deadlineMs,
    );
    return () => asker.current?.dispose();
  }, [make, deadlineMs]);
  useEffect(() => {
    setState((s) => (s.stale ? s : { ...s, stale: true }));
    asker.current?.ask({ ...question, id: ++count.current } as unknown as Q);
    // A question is built anew with every render: what it changes by is named by the caller.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, when);
  return state;
}
