'use client';
import type { Rig } from '@/core/documents/rig';
import type { AlongAnswer, AlongRequest } from '@/workers/protocol';
import { asPort, useWorker } from './useWorker';

const DEADLINE_MS = 20000;

const make = () =>
  asPort<AlongRequest, AlongAnswer>(
    new Worker(new URL('../workers/along.worker.ts', import.meta.url), { type: 'module' }),
  );

/** Heat along the wire and over time, worked out in a worker; the old report stays until the new one comes. */
export function useAlong(rig: Rig, chill: AlongRequest['chill']) {
  const { good, refused, late, stale } = useWorker<AlongRequest, AlongAnswer>(
    make,
    { rig, chill },
    [rig, chill],
    DEADLINE_MS,
  );
  return { report: good?.report ?? null, fault: late ? 'took too long' : refused, stale };
}
