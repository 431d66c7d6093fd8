import type { JobOf } from '../../../documents/job';

/** A block that is sliced into sheets. */
export type Sheets = JobOf<'sheets'>;

/** Thickness that a setting leaves, from what was gauged on a test sheet: the ends left and right, mm. */
export function endsOf(corners: Sheets['cornersMm']) {
  if (!corners) return null;
  const left = (corners[0] + corners[2]) / 2;
  const right = (corners[1] + corners[3]) / 2;
  return {
    left,
    right,
    mean: (left + right) / 2,
    fore: (corners[2] + corners[3] - corners[0] - corners[1]) / 2,
  };
}

/** Cards that come nearest to a height, mm; at least one. */
export const cardsFor = (card: number | null, height: number) =>
  card === null ? null : Math.max(1, Math.round(height / card));
