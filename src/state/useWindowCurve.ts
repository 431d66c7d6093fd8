'use client';
import { useEffect, useRef, useState } from 'react';
import type { Rig } from '@/core/documents/rig';
import type { WindowCurve } from '@/core/engine/windowCurve';
import { Latest, type Port } from '@/workers/latest';
import type { WindowAnswer, WindowRequest } from '@/workers/protocol';

const POINTS = 240;
const DEADLINE_MS = 5000;

/** The window over the dial, worked out in a worker; the old one stays, marked stale, until the new one comes. */
export interface CurveState {
  readonly curve: WindowCurve | null;
  readonly stale: boolean;
  /** Time the worker took for the curve shown, ms. */
  readonly ms: number | null;
}

/** What of a rig the curve depends on: all but the setting and the feed, which only move the point on it. */
function keyOf(rig: Rig): string {
  return JSON.stringify([rig.frame.kind, rig.room, rig.wire, rig.supply, rig.leads, rig.foam.kind, rig.foam.densityKgM3, rig.foam.widthMm, rig.foam.tuning, { ...rig.control, setting: 0 }]); // prettier-ignore
}

export function useWindowCurve(rig: Rig): CurveState {
  const [state, setState] = useState<CurveState>({ curve: null, stale: true, ms: null });
  const asker = useRef<Latest<WindowRequest, WindowAnswer> | null>(null);
  const count = useRef(0);
  const asked = useRef<Rig>(rig);
  const key = keyOf(rig);
  const outside = useOutside(state.curve, rig.control.setting);
  useEffect(() => {
    asker.current = new Latest<WindowRequest, WindowAnswer>(
      () =>
        new Worker(new URL('../workers/window.worker.ts', import.meta.url), {
          type: 'module',
        }) as unknown as Port<WindowRequest, WindowAnswer>,
      (a) => setState({ curve: a.ok ? a.curve : null, stale: a.id !== count.current, ms: a.ok ? a.ms : null }),
      () => setState((s) => ({ ...s, stale: true })),
      DEADLINE_MS,
    );
    return () => asker.current?.dispose();
  }, []);
  useEffect(() => {
    asked.current = rig;
  });
  useEffect(() => {
    setState((s) => (s.stale ? s : { ...s, stale: true }));
    asker.current?.ask({ id: ++count.current, rig: asked.current, points: POINTS });
  }, [key, outside]);
  return state;
}

/** Whether the setting has left the range drawn: then a wider one is asked for. */
function useOutside(curve: WindowCurve | null, setting: number | null): boolean {
  if (!curve || curve.along !== 'setting' || setting === null) return false;
  return setting < curve.x[0]! || setting > curve.x[curve.x.length - 1]!;
}
