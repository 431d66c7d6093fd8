'use client';
import { useCallback, useState } from 'react';
import type { LoggedPull } from '@/core/documents/pull';
import { call, inWords } from './api';
import type { PullRecord } from './types';

/** The readings of a rig's pull: as loaded, with what is logged and taken out since. */
export function usePulls(rigId: string, loaded: readonly PullRecord[]) {
  const [pulls, setPulls] = useState(loaded);
  const ask = useCallback(async (method: 'POST' | 'DELETE', path: string, body?: unknown) => {
    const answer = await call<PullRecord[]>(method, path, body);
    if (answer.kind !== 'done') return inWords(answer);
    setPulls(answer.data);
    return null;
  }, []);
  const log = useCallback((pull: LoggedPull) => ask('POST', `/api/rigs/${rigId}/pulls`, pull), [ask, rigId]);
  const drop = useCallback((id: string) => ask('DELETE', `/api/rigs/${rigId}/pulls/${id}`), [ask, rigId]);
  return { pulls, log, drop };
}
