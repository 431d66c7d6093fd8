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

/** Room that the feed's own label takes beside its point, px: 80 wide, from 15 above its line of writing to 5 under it. */
const LABEL = { away: 14, wide: 80, above: 15, below: 5 } as const;
/** How far a mark reaches from its middle, px. */
const MARK = 5;

/** Where the label of a point goes: beside it, unless a mark would lie under it or the chart ends there; else a line lower or higher. */
export function labelPlace(
  x: number,
  y: number,
  box: { left: number; right: number; top: number; bottom: number },
  marks: readonly { x: number; y: number }[],
): { x: number; y: number; textAnchor: 'start' | 'end' } {
  const places = [0, 20, -26].flatMap((down) =>
    (['start', 'end'] as const).map((textAnchor) => {
      const at = textAnchor === 'start' ? x + LABEL.away : x - LABEL.away;
      const from = textAnchor === 'start' ? at : at - LABEL.wide;
      const line = y + LABEL.below + down;
      const fits =
        from >= box.left &&
        from + LABEL.wide <= box.right &&
        line <= box.bottom &&
        line - LABEL.above >= box.top;
      const covers = marks.filter(
        (m) =>
          m.x > from - MARK &&
          m.x < from + LABEL.wide + MARK &&
          m.y > line - LABEL.above - MARK &&
          m.y < line + LABEL.below + MARK,
      ).length;
      return { place: { x: at, y: line, textAnchor }, bad: covers + (fits ? 0 : marks.length + 1) };
    }),
  );
  return places.reduce((best, next) => (next.bad < best.bad ? next : best)).place;
}
