'use client';
import { useMutation, useQueryClient, type QueryKey } from '@tanstack/react-query';
import { useCallback } from 'react';
import { inWords, type Outcome } from './api';

/** A request that was refused or never answered; its message is fit to be shown. */
export class NotDone extends Error {
  constructor(readonly outcome: Exclude<Outcome<unknown>, { kind: 'done' }>) {
    super(inWords(outcome));
  }
}

/** The answer of a request; throws what a query keeps as its error. */
export async function answered<T>(asked: Promise<Outcome<T>>): Promise<T> {
  const outcome = await asked;
  if (outcome.kind === 'done') return outcome.data;
  throw new NotDone(outcome);
}

/**
 * Something done on the server that makes kept answers stale: they are asked for again where they are shown. Never throws:
 * how it ended is the answer.
 */
export function useAct<A extends readonly unknown[], T>(
  act: (...of: A) => Promise<Outcome<T>>,
  stale: readonly QueryKey[],
  then?: (data: T) => void,
): (...of: A) => Promise<Outcome<T>> {
  const client = useQueryClient();
  const { mutateAsync } = useMutation({
    mutationFn: (of: A) => answered(act(...of)),
    onSuccess: (data) => {
      then?.(data);
      // What is shown is waited for by nobody: it comes when it comes. A first answer still under way was asked before this was
      // done and would not be asked again: it is dropped.
      for (const queryKey of stale)
        void client.cancelQueries({ queryKey }).then(() => client.invalidateQueries({ queryKey }));
    },
  });
  return useCallback(
    async (...of: A): Promise<Outcome<T>> => {
      try {
        return { kind: 'done', data: await mutateAsync(of) };
      } catch (fault) {
        return fault instanceof NotDone ? fault.outcome : { kind: 'lost' };
      }
    },
    [mutateAsync],
  );
}

/** How an act ended, for a part that only shows what went wrong: a fault in words, or null. What is kept until the network is back is none. */
export async function fault(asked: Promise<Outcome<unknown>>): Promise<string | null> {
  const outcome = await asked;
  return outcome.kind === 'done' || outcome.kind === 'kept' ? null : inWords(outcome);
}
