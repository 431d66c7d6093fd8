'use client';
import { useEffect, useState } from 'react';
import type { Estimate } from '@/core/engine/estimates';
import type { EstimateAnswer, EstimateRequest } from '@/workers/protocol';
import { runWorker } from '@/workers/run';
import { inWords } from './api';
import { server } from './server';
import type { OpenRig } from './types';
import { asPort } from './useWorker';

const DEADLINE_MS = 120_000;

const make = () =>
  asPort<EstimateRequest, EstimateAnswer>(
    new Worker(new URL('../workers/estimate.worker.ts', import.meta.url), { type: 'module' }),
  );

/** The cuts that tune a rig, and how each moved the estimate: worked out in a worker, stopped when the rig is left. */
export function useEstimates(rigId: string) {
  const [open, setOpen] = useState<OpenRig | null>(null);
  const [way, setWay] = useState<readonly Estimate[] | null>(null);
  const [done, setDone] = useState(0);
  const [fault, setFault] = useState<string | null>(null);
  useEffect(() => {
    let run: { stop: () => void } | null = null;
    let left = false;
    setWay(null);
    setDone(0);
    setFault(null);
    void server.rig(rigId).then((answer) => {
      if (left) return;
      if (answer.kind !== 'done') return setFault(inWords(answer));
      setOpen(answer.data);
      run = runWorker<EstimateRequest, EstimateAnswer>(
        { cuts: answer.data.cuts },
        {
          make,
          deadlineMs: DEADLINE_MS,
          onBroken: (how) =>
            setFault(how === 'late' ? 'took longer than two minutes' : 'could not be worked out'),
          onAnswer: (a) => {
            if (a.tell === 'progress') setDone(a.done);
            else if (a.tell === 'done') setWay(a.estimates);
            else setFault(a.fault);
            return a.tell !== 'progress';
          },
        },
      );
    });
    return () => {
      left = true;
      run?.stop();
    };
  }, [rigId]);
  return { open, way, done, fault };
}
