import type { Pt } from '@/core/numeric/polyline';

/** Where a further point of an edge begins, px: one step on from the last two, else at the nose, and never past the tail. */
export function addedPoint(points: readonly Pt[], [nose, tail]: readonly [Pt, Pt]): Pt {
  const last = points.at(-1);
  if (!last) return nose;
  const before = points.at(-2) ?? [last[0] - (tail[0] - nose[0]) / 12, last[1] - (tail[1] - nose[1]) / 12];
  const left = Math.hypot(tail[0] - last[0], tail[1] - last[1]);
  const run = Math.hypot(last[0] - before[0], last[1] - before[1]) || 1;
  const share = Math.min(1, left / run);
  return [last[0] + share * (last[0] - before[0]), last[1] + share * (last[1] - before[1])];
}
