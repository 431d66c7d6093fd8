'use client';
import { useCallback, useEffect, useState } from 'react';
import type { AlloyId } from '@/core/catalog/alloys';
import { inWords, type Outcome } from './api';
import { server } from './server';
import type { WireState } from './types';

/** The wire that is on a rig: its state, and power on and off as it is noted. Each act answers with a fault, or null. */
export function useWire(rigId: string) {
  const [wire, setWire] = useState<WireState | null>(null);
  const load = useCallback(async (): Promise<string | null> => {
    const answer = await server.wireOn(rigId);
    if (answer.kind !== 'done') return inWords(answer);
    setWire(answer.data);
    return null;
  }, [rigId]);
  useEffect(() => void load(), [load]);
  const then = async (asked: Promise<Outcome<unknown>>) => {
    const answer = await asked;
    return answer.kind === 'done' ? load() : inWords(answer);
  };
  const now = () => new Date().toISOString();
  const on = () => then(server.noteEvent(rigId, { kind: 'hot', at: now(), until: null, note: '' }));
  const off = () =>
    wire?.powerId && wire.onSince
      ? then(server.amendEvent(rigId, wire.powerId, { kind: 'hot', at: wire.onSince, until: now(), note: '' }))
      : Promise.resolve(null);
  const hang = (w: { alloy: AlloyId; diameterMm: number; lengthMm: number }) =>
    then(server.noteEvent(rigId, { kind: 'hang', at: now(), ...w, note: '' }));
  const write = (note: string) => then(server.noteEvent(rigId, { kind: 'remark', at: now(), note }));
  return { wire, load, on, off, hang, write };
}
