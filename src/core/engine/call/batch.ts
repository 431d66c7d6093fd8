import type { RunEvent } from '../../documents/event';
import type { Piece } from '../../documents/plan';

/** One core of a batch. */
export interface CoreOf {
  readonly hand: 'left' | 'right';
  readonly piece: number;
}

/** The cores of a piece in the order they are cut: of pairs a right and its left one after the other, so that the setting stays. */
export function coresOf(p: Pick<Piece, 'hand' | 'pieces'>): CoreOf[] {
  const hands: CoreOf['hand'][] = p.hand === 'pair' ? ['right', 'left'] : [p.hand];
  return Array.from({ length: p.pieces }, (_, i) => hands.map((hand) => ({ hand, piece: i + 1 }))).flat();
}

/** Those not yet cut with heat, by the runs that were finished. */
export function leftOf(cores: readonly CoreOf[], runs: readonly RunEvent[]): CoreOf[] {
  const done = new Set(runs.filter((r) => r.finished && !r.rehearsal).map((r) => r.hand + r.piece));
  return cores.filter((c) => !done.has(c.hand + c.piece));
}

/** The rate to begin the next call with: as the last one with heat was really led. */
export function nextRate(runs: readonly RunEvent[]): number {
  const last = runs.filter((r) => r.finished && !r.rehearsal).at(-1);
  return last ? Math.min(1.6, Math.max(0.5, 1 / last.pace)) : 1;
}

/** Left held against right, by what was measured last of each: right minus left; null where one is missing. */
export function handsApart(runs: readonly RunEvent[]): Partial<Record<keyof RunEvent['measured'], number>> {
  const last = (hand: string) => runs.filter((r) => r.hand === hand && !r.rehearsal).at(-1)?.measured;
  const [left, right] = [last('left'), last('right')];
  if (!left || !right) return {};
  const out: Partial<Record<keyof RunEvent['measured'], number>> = {};
  for (const key of Object.keys(left) as (keyof RunEvent['measured'])[]) {
    const [l, r] = [left[key], right[key]];
    if (l !== null && r !== null) out[key] = r - l;
  }
  return out;
}
