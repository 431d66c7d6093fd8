import { setUp } from '../setup';
import { OperatingPointSolver } from '../states';
import { dialStep, hotterLower } from '../dial';
import type { Draft } from './draft';
import type { Evaluation } from '../evaluation';

/** A control whose steps are coarser than a cut needs. */
export function coarse(e: Evaluation): Draft | null {
  const share = stepShare(e);
  return share !== null && share > 0.1 ? { code: 'dial-too-coarse', level: 'fix', values: { share } } : null;
}

/** Share by which one step of the dial, towards more heat, moves the max feed; null for a dial without steps. */
export function stepShare(e: Evaluation): number | null {
  const { rig } = e.s;
  const { setting, kind } = rig.control;
  const step = dialStep(e.s);
  if (step === null || setting === null || !e.window.fastest) return null;
  const next = setting + (hotterLower(kind) ? -step : step);
  if (!(next > 0)) return null;
  const there = new OperatingPointSolver(setUp({ ...rig, control: { ...rig.control, setting: next } })).atWidth(
    e.s.diameter,
  );
  return there ? Math.abs(there.feed / e.window.fastest.feed - 1) : null;
}
