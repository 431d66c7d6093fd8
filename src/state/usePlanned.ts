'use client';
import { useMemo } from 'react';
import type { PiecePlan } from '@/core/documents/plan';
import type { Rig } from '@/core/documents/rig';
import type { LedPass, Marks } from '@/core/engine/call/led';
import type { PlanView } from '@/core/engine/template/view';
import type { PlanAnswer, PlanRequest } from '@/workers/protocol';
import { asPort, useWorker } from './useWorker';

const DEADLINE_MS = 20000;
const NONE: readonly Marks[] = [];
const NONE_LED: readonly LedPass[] = [];

export interface Planned {
  readonly view: PlanView | null;
  /** Passes that were led by feel, as they came out. */
  readonly led: readonly LedPass[];
  readonly fault: string | null;
  readonly stale: boolean;
  readonly ms: number | null;
}

const make = () =>
  asPort<PlanRequest, PlanAnswer>(
    new Worker(new URL('../workers/plan.worker.ts', import.meta.url), { type: 'module' }),
  );

/** A plan on a rig, worked out in a worker; the old answer stays until the new one comes. */
export function usePlanned(rig: Rig, piece: PiecePlan, led: readonly Marks[] = NONE): Planned {
  const plan = useMemo(() => ({ ...piece, rig }), [piece, rig]);
  const { good, refused, late, stale } = useWorker<PlanRequest, PlanAnswer>(
    make,
    { plan, led },
    [plan, led],
    DEADLINE_MS,
  );
  return {
    view: good?.view ?? null,
    led: good?.led ?? NONE_LED,
    ms: good?.ms ?? null,
    fault: late ? 'It took too long and was stopped.' : refused,
    stale,
  };
}
