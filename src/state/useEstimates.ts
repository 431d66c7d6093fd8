'use client';
import { useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import type { Estimate } from '@/core/engine/estimates';
import type { EstimateAnswer, EstimateRequest } from '@/workers/protocol';
import { runWorker } from '@/workers/run';
import { answered } from './ask';
import { keys } from './keys';
import { rigServer } from './server/rigs';
import type { OpenRig } from './types';
import { asPort } from './useWorker';

const DEADLINE_MS = 120_000;

const make = () =>
  asPort<EstimateRequest, EstimateAnswer>(
    new Worker(new URL('../workers/estimate.worker.ts', import.meta.url), { type: 'module' }),
  );

/** The cuts that tune a rig, and how each moved the estimate: worked out in a worker, stopped when the rig is left. */
export function useEstimates(rigId: string) {
  const { data: open = null, error } = useQuery<OpenRig>({
    queryKey: keys.open(rigId),
    queryFn: () => answered(rigServer.open(rigId)),
  });
  const [way, setWay] = useState<readonly Estimate[] | null>(null);
  const [done, setDone] = useState(0);
  const [broken, setBroken] = useState<string | null>(null);
  useEffect(() => {
    setWay(null);
    setDone(0);
    setBroken(null);
    if (!open) return;
    const run = runWorker<EstimateRequest, EstimateAnswer>(
      { cuts: open.cuts },
      {
        make,
        deadlineMs: DEADLINE_MS,
        onBroken: (how) =>
          setBroken(how === 'late' ? 'took longer than two minutes' : 'could not be worked out'),
        onAnswer: (a) => {
          if (a.tell === 'progress') setDone(a.done);
          else if (a.tell === 'done') setWay(a.estimates);
          else setBroken(a.fault);
          return a.tell !== 'progress';
        },
      },
    );
    return run.stop;
  }, [open]);
  return { open, way, done, fault: broken ?? error?.message ?? null };
}
