'use client';
import { useCallback, useEffect, useRef, useState } from 'react';
import type { Drawer, Weights } from '@/core/documents/drawer';
import type { FindingCode } from '@/core/documents/reading';
import type { LengthWant } from '@/core/engine/match/wants';
import type { Profile } from '@/core/units/profile';
import type { MatchAnswer, MatchRequest, RankedPair, RefusedCount, RefusedRow } from '@/workers/protocol';

/** How a match stands. */
export type MatchState =
  | { readonly is: 'idle' }
  | { readonly is: 'running'; readonly done: number; readonly total: number }
  | { readonly is: 'done'; readonly total: number; readonly working: number; readonly refused: readonly RefusedCount[]; readonly wants: readonly LengthWant[]; readonly ms: number }
  | { readonly is: 'cancelled'; readonly done: number; readonly total: number }
  | { readonly is: 'failed'; readonly fault: string }; // prettier-ignore

/** Pairs shown at first; more are asked for. */
export const FIRST_PAIRS = 20;
const DEADLINE_MS = 60000;

/** Matches a drawer in a worker: run, cancel, rank anew, look at the refusals. Every run ends: answer, cancel or deadline. */
export function useMatch() {
  const worker = useRef<Worker | null>(null);
  const timer = useRef<ReturnType<typeof setTimeout> | null>(null);
  const [state, setState] = useState<MatchState>({ is: 'idle' });
  const [pairs, setPairs] = useState<readonly RankedPair[]>([]);
  const [groups, setGroups] = useState(0);
  const [rows, setRows] = useState<Partial<Record<FindingCode, readonly RefusedRow[]>>>({});

  const stop = useCallback(() => {
    if (timer.current) clearTimeout(timer.current);
    worker.current?.terminate();
    worker.current = null;
  }, []);
  useEffect(() => stop, [stop]);

  const ask = useCallback((q: MatchRequest) => worker.current?.postMessage(q), []);
  const fail = useCallback(
    (fault: string) => {
      stop();
      setState({ is: 'failed', fault });
    },
    [stop],
  );
  const run = useCallback(
    (drawer: Drawer, weights: Weights, profile: Profile) => {
      stop();
      const made = new Worker(new URL('../workers/match.worker.ts', import.meta.url), { type: 'module' });
      worker.current = made;
      timer.current = setTimeout(() => fail('took longer than a minute'), DEADLINE_MS);
      setState({ is: 'running', done: 0, total: 0 });
      setPairs([]);
      setRows({});
      made.onerror = () => fail('the worker broke off');
      made.onmessage = (e: MessageEvent<MatchAnswer>) => {
        const a = e.data;
        if (a.tell === 'progress') setState({ is: 'running', done: a.done, total: a.total });
        else if (a.tell === 'ranked') {
          setPairs(a.pairs);
          setGroups(a.groups);
        } else if (a.tell === 'refused') setRows((r) => ({ ...r, [a.code]: a.rows }));
        else if (a.tell === 'fault') fail(a.fault);
        else {
          if (timer.current) clearTimeout(timer.current);
          const { tell: _, ...rest } = a;
          setState({ is: 'done', ...rest });
          ask({ ask: 'rank', weights, count: FIRST_PAIRS });
        }
      };
      ask({ ask: 'run', drawer, profile });
    },
    [ask, fail, stop],
  );
  const cancel = useCallback(() => {
    stop();
    setState((s) => (s.is === 'running' ? { is: 'cancelled', done: s.done, total: s.total } : s));
  }, [stop]);
  const rank = useCallback((weights: Weights, count: number) => ask({ ask: 'rank', weights, count }), [ask]);
  const look = useCallback((code: FindingCode, count: number) => ask({ ask: 'refused', code, count }), [ask]);
  return { state, pairs, groups, rows, run, cancel, rank, look };
}
