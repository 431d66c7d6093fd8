'use client';
import { useCallback, useState } from 'react';
import type { LoggedPull } from '@/core/documents/pull';
import { inWords, type Outcome } from './api';
import { server } from './server';
import type { PullRecord } from './types';

/** The readings of a rig's pull: as loaded, with what is logged and taken out since. */
export function usePulls(rigId: string, loaded: readonly PullRecord[]) {
  const [pulls, setPulls] = useState(loaded);
  const then = useCallback(async (asked: Promise<Outcome<PullRecord[]>>) => {
    const answer = await asked;
    if (answer.kind !== 'done') return inWords(answer);
    setPulls(answer.data);
    return null;
  }, []);
  const log = useCallback((pull: LoggedPull) => then(server.logPull(rigId, pull)), [then, rigId]);
  const drop = useCallback((id: string) => then(server.deletePull(rigId, id)), [then, rigId]);
  return { pulls, log, drop };
}
