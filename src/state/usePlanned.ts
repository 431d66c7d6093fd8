'use client';
import { useEffect, useMemo, useRef, useState } from 'react';
import type { PiecePlan } from '@/core/documents/plan';
import type { Rig } from '@/core/documents/rig';
import type { PlanView } from '@/core/engine/template/view';
import { Latest, type Port } from '@/workers/latest';
import type { PlanAnswer, PlanRequest } from '@/workers/protocol';

const DEADLINE_MS = 20000;

export interface Planned {
  readonly view: PlanView | null;
  readonly fault: string | null;
  readonly stale: boolean;
  readonly ms: number | null;
}

/** A plan on a rig, worked out in a worker; the old answer stays until the new one comes. */
export function usePlanned(rig: Rig, piece: PiecePlan): Planned {
  const [state, setState] = useState<Planned>({ view: null, fault: null, stale: true, ms: null });
  const asker = useRef<Latest<PlanRequest, PlanAnswer> | null>(null);
  const count = useRef(0);
  const plan = useMemo(() => ({ ...piece, rig }), [piece, rig]);
  useEffect(() => {
    asker.current = new Latest<PlanRequest, PlanAnswer>(
      () =>
        new Worker(new URL('../workers/plan.worker.ts', import.meta.url), {
          type: 'module',
        }) as unknown as Port<PlanRequest, PlanAnswer>,
      (a) =>
        setState((s) =>
          a.ok
            ? { view: a.view, fault: null, stale: a.id !== count.current, ms: a.ms }
            : { ...s, fault: a.fault, stale: false },
        ),
      () => setState((s) => ({ ...s, fault: 'It took too long and was stopped.', stale: false })),
      DEADLINE_MS,
    );
    return () => asker.current?.dispose();
  }, []);
  useEffect(() => {
    setState((s) => (s.stale ? s : { ...s, stale: true }));
    asker.current?.ask({ id: ++count.current, plan });
  }, [plan]);
  return state;
}
