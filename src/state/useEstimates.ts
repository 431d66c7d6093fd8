'use client';
import { useEffect, useState } from 'react';
import type { Estimate } from '@/core/engine/estimates';
import type { EstimateAnswer, EstimateRequest } from '@/workers/protocol';
import { inWords } from './api';
import { server } from './server';
import type { OpenRig } from './types';

/** The cuts that tune a rig, and how each moved the estimate: worked out in a worker, stopped when the rig is left. */
export function useEstimates(rigId: string) {
  const [open, setOpen] = useState<OpenRig | null>(null);
  const [way, setWay] = useState<readonly Estimate[] | null>(null);
  const [done, setDone] = useState(0);
  const [fault, setFault] = useState<string | null>(null);
  useEffect(() => {
    let worker: Worker | null = null;
    let left = false;
    setWay(null);
    setDone(0);
    setFault(null);
    void server.rig(rigId).then((answer) => {
      if (left) return;
      if (answer.kind !== 'done') return setFault(inWords(answer));
      setOpen(answer.data);
      worker = new Worker(new URL('../workers/estimate.worker.ts', import.meta.url), { type: 'module' });
      worker.onerror = () => setFault('could not be worked out');
      worker.onmessage = ({ data }: MessageEvent<EstimateAnswer>) => {
        if (data.tell === 'progress') setDone(data.done);
        else if (data.tell === 'done') setWay(data.estimates);
        else setFault(data.fault);
      };
      worker.postMessage({ cuts: answer.data.cuts } satisfies EstimateRequest);
    });
    return () => {
      left = true;
      worker?.terminate();
    };
  }, [rigId]);
  return { open, way, done, fault };
}
