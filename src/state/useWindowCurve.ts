'use client';
import { useEffect, useState } from 'react';
import type { Rig } from '@/core/documents/rig';
import { windowSteps, type WindowCurve } from '@/core/engine/windowCurve';
import { inSlices } from './slices';

const POINTS = 240;

/** The window over the dial; the old one stays, marked stale, until the new one is worked out. */
export interface CurveState {
  readonly curve: WindowCurve | null;
  readonly stale: boolean;
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

/**
 * Worked out between drawings, a few milliseconds at a time: the whole takes less than a worker takes to begin, which would
 * fetch the engine a second time.
 */
export function useWindowCurve(rig: Rig): CurveState {
  const [state, setState] = useState<CurveState>({ curve: null, stale: true });
  const key = keyOf(rig);
  const outside = useOutside(state.curve, rig.control.setting);
  useEffect(() => {
    setState((s) => (s.stale ? s : { ...s, stale: true }));
    return inSlices(windowSteps(rig, POINTS), (curve) => setState({ curve, stale: false }));
    // The key names what of the rig the curve depends on.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [key, outside]);
  return state;
}

/** Whether the setting has left the range drawn: then a wider one is asked for. */
function useOutside(curve: WindowCurve | null, setting: number | null): boolean {
  if (!curve || curve.along !== 'setting' || setting === null) return false;
  return setting < curve.x[0]! || setting > curve.x[curve.x.length - 1]!;
}
