'use client';
import { useMemo } from 'react';
import type { JobOf } from '@/core/documents/job';
import type { TowerKind } from '@/core/documents/towerJobs';
import type { Replay } from '@/core/documents/motion';
import type { Rig } from '@/core/documents/rig';
import type { Reentry } from '@/core/engine/motion/reentry';
import type { MotionView, ReplayView } from '@/core/engine/motion/view';
import type { MotionAnswer, MotionRequest } from '@/workers/protocol';
import { askOnce } from '@/workers/run';
import { asPort, useWorker } from './useWorker';

const DEADLINE_MS = 30_000;
const LATE = 'It took too long and was stopped.';

const make = () =>
  asPort<MotionRequest, MotionAnswer>(
    new Worker(new URL('../workers/motion.worker.ts', import.meta.url), { type: 'module' }),
  );

interface Asked<T> {
  readonly view: T | null;
  readonly fault: string | null;
  readonly stale: boolean;
}

/** The path of a job on motor towers, worked out in a worker; the old answer stays until the new one comes. */
export function useMotion(rig: Rig, job: JobOf<TowerKind>): Asked<MotionView> {
  const day = useMemo(() => new Date().toISOString().slice(0, 10), []);
  const { good, refused, late, stale } = useWorker<MotionRequest, MotionAnswer>(
    make,
    { ask: { kind: 'path', job, rig, day } },
    [job, rig, day],
    DEADLINE_MS,
  );
  return { view: good?.path ?? null, fault: late ? LATE : refused, stale };
}

/** Motion code played back in a worker. */
export function useReplay(replay: Replay): Asked<ReplayView> {
  const { good, refused, late, stale } = useWorker<MotionRequest, MotionAnswer>(
    make,
    { ask: { kind: 'replay', replay } },
    [replay],
    DEADLINE_MS,
  );
  return { view: good?.replay ?? null, fault: late ? LATE : refused, stale };
}

/** Code that enters a cut again which broke off before a row, worked out in a worker; or why there is none. */
export async function askReentry(
  replay: Replay,
  row: number,
  marginMm: number,
): Promise<{ readonly reentry: Reentry } | { readonly fault: string }> {
  const question = { id: 0, ask: { kind: 'reenter', replay, row, marginMm } } as const;
  const answer = await askOnce<MotionRequest, MotionAnswer>(question, { make, deadlineMs: DEADLINE_MS });
  if (answer === 'late' || answer === 'fell') return { fault: LATE };
  if (!answer.ok) return { fault: answer.fault };
  return answer.reentry
    ? { reentry: answer.reentry }
    : { fault: 'Nothing was cut yet, or nothing is left: run it from its beginning.' };
}
