'use client';
import { useCallback, useEffect, useRef, useState } from 'react';
import type { Drawer, Weights } from '@/core/documents/drawer';
import type { FindingCode } from '@/core/documents/reading';
import type { Profile } from '@/core/units/profile';
import type { MatchAnswer, MatchRequest, RankedPair, RefusedRow } from '@/workers/protocol';
import { runWorker } from '@/workers/run';
import { asPort } from './useWorker';

/** How a match stands. */
export type MatchState =
  | { readonly is: 'idle' }
  | { readonly is: 'running'; readonly done: number; readonly total: number }
  | ({ readonly is: 'done' } & Omit<Extract<MatchAnswer, { tell: 'done' }>, 'tell'>)
  | { readonly is: 'cancelled'; readonly done: number; readonly total: number }
  | { readonly is: 'failed'; readonly fault: string };

/** Pairs shown at first; more are asked for. */
export const FIRST_PAIRS = 20;
const DEADLINE_MS = 60000;

const make = () =>
  asPort<MatchRequest, MatchAnswer>(
    new Worker(new URL('../workers/match.worker.ts', import.meta.url), { type: 'module' }),
  );

/** Matches a drawer in a worker: run, cancel, rank anew, look at the refusals. Every run ends: answer, cancel or deadline. */
export function useMatch() {
  const worker = useRef<{ ask: (q: MatchRequest) => void; stop: () => void } | null>(null);
  const [state, setState] = useState<MatchState>({ is: 'idle' });
  const [pairs, setPairs] = useState<readonly RankedPair[]>([]);
  const [groups, setGroups] = useState(0);
  const [rows, setRows] = useState<Partial<Record<FindingCode, readonly RefusedRow[]>>>({});

  const stop = useCallback(() => {
    worker.current?.stop();
    worker.current = null;
  }, []);
  useEffect(() => stop, [stop]);

  const ask = useCallback((q: MatchRequest) => worker.current?.ask(q), []);
  const fail = useCallback((fault: string) => setState({ is: 'failed', fault }), []);
  const run = useCallback(
    (drawer: Drawer, weights: Weights, profile: Profile) => {
      stop();
      setState({ is: 'running', done: 0, total: 0 });
      setPairs([]);
      setRows({});
      const onAnswer = (a: MatchAnswer): boolean => {
        if (a.tell === 'progress') setState({ is: 'running', done: a.done, total: a.total });
        else if (a.tell === 'ranked') {
          setPairs(a.pairs);
          setGroups(a.groups);
        } else if (a.tell === 'refused') setRows((r) => ({ ...r, [a.code]: a.rows }));
        else if (a.tell === 'fault') fail(a.fault);
        else {
          const { tell: _, ...rest } = a;
          setState({ is: 'done', ...rest });
          ask({ ask: 'rank', weights, count: FIRST_PAIRS });
        }
        return a.tell === 'done' || a.tell === 'fault';
      };
      worker.current = runWorker<MatchRequest, MatchAnswer>(
        { ask: 'run', drawer, profile },
        {
          make,
          deadlineMs: DEADLINE_MS,
          onAnswer,
          onBroken: (how) => fail(how === 'late' ? 'took longer than a minute' : 'the worker broke off'),
        },
      );
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
