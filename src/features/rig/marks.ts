import { steadyFeed } from '@/core/engine/cutFeed';
import type { CutRecord } from '@/state/types';

export type Mark = 'too-cold' | 'good' | 'too-hot' | 'limit' | 'plain';

/** Shape of each kind of cut on the chart, about its own middle, and its word in the key. */
export const MARKS: Record<Mark, { path: string; filled: boolean; word: string }> = {
  good: { path: 'M-4 0a4 4 0 1 0 8 0a4 4 0 1 0 -8 0', filled: true, word: 'good' },
  'too-cold': { path: 'M-5 -4h10l-5 9z', filled: false, word: 'too cold' },
  'too-hot': { path: 'M-5 4h10l-5 -9z', filled: false, word: 'too hot' },
  limit: { path: 'M-5 5h10M0 5v-9M-3.5 -1l3.5 -4l3.5 4', filled: false, word: 'limit' },
  plain: { path: 'M-3 0a3 3 0 1 0 6 0a3 3 0 1 0 -6 0', filled: false, word: 'not judged' },
};

export function markOf(cut: CutRecord['cut']): Mark {
  return cut.limit ? 'limit' : (cut.grade ?? 'plain');
}

/** Where each logged cut stands on the chart: by its setting, or by its amps where the rig has no dial. */
export function marksOf(
  cuts: readonly CutRecord[],
  along: 'setting' | 'amps',
): { x: number; feedMmS: number; mark: Mark }[] {
  return cuts.flatMap((record) => {
    const { cut, rig } = record;
    const feedMmS = steadyFeed(record);
    const x = along === 'amps' ? cut.amps : (cut.setting ?? rig.control.setting);
    return feedMmS === null || x === null ? [] : [{ x, feedMmS, mark: markOf(cut) }];
  });
}
