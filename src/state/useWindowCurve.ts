'use client';
import { useEffect, useState } from 'react';
import type { Rig } from '@/core/documents/rig';
import type { WindowCurve } from '@/core/engine/windowCurve';
import type { WindowAnswer, WindowRequest } from '@/workers/protocol';
import { asPort, useWorker } from './useWorker';

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
  const { frame, room, wire, supply, leads, foam, control } = rig;
  const { kind, densityKgM3, widthMm, tuning } = foam;
  return JSON.stringify([
    [frame.kind, room, wire, supply, leads],
    [kind, densityKgM3, widthMm, tuning],
    { ...control, setting: 0 },
  ]);
}

const make = () =>
  asPort<WindowRequest, WindowAnswer>(
    new Worker(new URL('../workers/window.worker.ts', import.meta.url), { type: 'module' }),
  );

export function useWindowCurve(rig: Rig): CurveState {
  const [drawn, setDrawn] = useState<WindowCurve | null>(null);
  const outside = useOutside(drawn, rig.control.setting);
  const { good, refused, stale, late } = useWorker<WindowRequest, WindowAnswer>(
    make,
    { rig, points: POINTS },
    [keyOf(rig), outside],
    DEADLINE_MS,
  );
  const curve = refused === null ? (good?.curve ?? null) : null;
  useEffect(() => setDrawn(curve), [curve]);
  return { curve, stale: stale || late, ms: good?.ms ?? null };
}

/** Whether the setting has left the range drawn: then a wider one is asked for. */
function useOutside(curve: WindowCurve | null, setting: number | null): boolean {
  if (!curve || curve.along !== 'setting' || setting === null) return false;
  return setting < curve.x[0]! || setting > curve.x[curve.x.length - 1]!;
}
