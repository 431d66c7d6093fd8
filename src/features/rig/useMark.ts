'use client';
import { markCurve, markOf } from '@/core/engine/marks';
import type { ToMark } from '@/core/words/control';
import { useDerived } from '@/state/RigContext';

/** Turns a setting into the mark on this rig's dial; null where no marks make a curve. */
export function useMark(): ToMark | null {
  const { rig } = useDerived();
  if ((rig.control.marks?.length ?? 0) < 2) return null;
  const curve = markCurve(rig);
  return curve && ((setting) => markOf(curve, setting));
}
