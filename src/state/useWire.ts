'use client';
import { useCallback, useEffect, useState } from 'react';
import { call, inWords } from './api';
import type { WireState } from './types';

/** The wire that is on a rig: its state, and power on and off as it is noted. Each act answers with a fault, or null. */
export function useWire(rigId: string) {
  const [wire, setWire] = useState<WireState | null>(null);
  const load = useCallback(async (): Promise<string | null> => {
    const answer = await call<WireState>('GET', `/api/rigs/${rigId}/wire`);
    if (answer.kind !== 'done') return inWords(answer);
    setWire(answer.data);
    return null;
  }, [rigId]);
  useEffect(() => void load(), [load]);
  const events = `/api/rigs/${rigId}/events`;
  const then = async (method: string, path: string, body: unknown) => {
    const answer = await call(method, path, body);
    return answer.kind === 'done' ? load() : inWords(answer);
  };
  const now = () => new Date().toISOString();
  const on = () => then('POST', events, { kind: 'hot', at: now(), until: null, note: '' });
  const off = () =>
    wire?.powerId
      ? then('PUT', `${events}/${wire.powerId}`, { kind: 'hot', at: wire.onSince, until: now(), note: '' })
      : Promise.resolve(null);
  const hang = (w: { alloy: string; diameterMm: number; lengthMm: number }) =>
    then('POST', events, { kind: 'hang', at: now(), ...w, note: '' });
  const write = (note: string) => then('POST', events, { kind: 'remark', at: now(), note });
  return { wire, load, on, off, hang, write };
}
