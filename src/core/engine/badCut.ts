import type { LoggedCut } from '../documents/log';
import type { Rig } from '../documents/rig';
import { setUp } from './setup';
import { OperatingPointSolver } from './states';
import { feedOfCut, rigOfCut } from './tune';
import { windowOf } from './window';

/** Settings and feeds closer than this share are the same. */
export const SAME = 0.02;

/** A cut graded bad, with its feed over both edges of the bare model's window on its own setting. */
export interface Bad {
  readonly setting: number | null;
  readonly feed: number;
  readonly grade: 'too-cold' | 'too-hot';
  readonly overFast: number | null;
  readonly overSlow: number | null;
}

/** Setting of a cut; that of the rig where the cut has none. */
export const settingOf = (rig: Rig, cut: LoggedCut) =>
  rig.control.kind === 'none' ? null : (cut.setting ?? rig.control.setting);

/** What was bad of a cut; none where it is graded otherwise or has no feed. */
export function badOf(rig: Rig, cut: LoggedCut): Bad[] {
  const feed = feedOfCut(cut);
  if (cut.limit || feed === null || (cut.grade !== 'too-cold' && cut.grade !== 'too-hot')) return [];
  const w = windowOf(new OperatingPointSolver(setUp(rigOfCut({ rig, cut }))));
  const over = (edge: number | null | undefined) => (edge ? feed / 1000 / edge : null);
  return [
    {
      setting: settingOf(rig, cut),
      feed: feed / 1000,
      grade: cut.grade,
      overFast: over(w.fastest?.feed),
      overSlow: over(w.slowest),
    },
  ];
}

/** Whether a setting and feed, m/s, are as near as makes no difference to those of a bad cut. */
export function samePair(b: Bad, setting: number | null, feed: number): boolean {
  const same = (x: number | null, y: number | null) =>
    x === y || (x !== null && y !== null && Math.abs(x / y - 1) < SAME / 2);
  return same(b.setting, setting) && same(b.feed, feed);
}
