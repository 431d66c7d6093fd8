'use client';
import { useEffect, useRef, useState } from 'react';
import type { Rig } from '@/core/documents/rig';
import type { AlongReport } from '@/core/engine/along';
import { Latest, type Port } from '@/workers/latest';
import type { AlongAnswer, AlongRequest } from '@/workers/protocol';

const DEADLINE_MS = 20000;

/** Heat along the wire and over time, worked out in a worker; the old report stays until the new one comes. */
export function useAlong(rig: Rig, chill: AlongRequest['chill']) {
  const [state, setState] = useState<{ report: AlongReport | null; fault: string | null; stale: boolean }>({
    report: null,
    fault: null,
    stale: true,
  });
  const asker = useRef<Latest<AlongRequest, AlongAnswer> | null>(null);
  const count = useRef(0);
  useEffect(() => {
    asker.current = new Latest<AlongRequest, AlongAnswer>(
      () =>
        new Worker(new URL('../workers/along.worker.ts', import.meta.url), {
          type: 'module',
        }) as unknown as Port<AlongRequest, AlongAnswer>,
      (a) =>
        setState((s) =>
          a.ok
            ? { report: a.report, fault: null, stale: a.id !== count.current }
            : { ...s, fault: a.fault, stale: false },
        ),
      () => setState((s) => ({ ...s, fault: 'took too long', stale: false })),
      DEADLINE_MS,
    );
    return () => asker.current?.dispose();
  }, []);
  useEffect(() => {
    setState((s) => (s.stale ? s : { ...s, stale: true }));
    asker.current?.ask({ id: ++count.current, rig, chill });
  }, [rig, chill]);
  return state;
}
