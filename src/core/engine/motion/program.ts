import type { LineFault } from '../../documents/motion';
import { axesOf, type AxisLetter, type Machine } from '../../documents/machine';

export type MoveKind = 'rapid' | 'feed' | 'wait' | 'heat' | 'pause';

/** One thing that a program does: where its axes are afterwards (work mm, in the order of `axesOf`), and what it is asked to take. */
export interface Move {
  readonly line: number;
  readonly kind: MoveKind;
  readonly at: readonly number[];
  /** Seconds asked of a cut or a wait; 0 of the rest. */
  readonly askedS: number;
  /** Share of full heat from here on. */
  readonly heat: number;
}
/** What is wrong with a line of code. */
export interface CodeFault {
  readonly line: number;
  readonly code: LineFault;
  readonly word: string;
}
/** A program as it was read, and all that was not understood of it. */
export interface Program {
  /** Where the axes are before it begins: at home. */
  readonly start: readonly number[];
  readonly moves: readonly Move[];
  readonly faults: readonly CodeFault[];
}

/** Length that a speed of G94 is measured along, by what the machine means; where that stands still, what else moves. */
export function feedLength(m: Machine, from: readonly number[], to: readonly number[]): number {
  const letters = axesOf(m);
  const norm = (of: (l: AxisLetter) => boolean) =>
    Math.hypot(...letters.map((l, k) => (of(l) ? to[k]! - from[k]! : 0)));
  const { means } = m.code;
  if (means === 'all') return norm(() => true);
  const own = norm((l) => l === 'X' || l === 'Y' || (means === 'xyz' && l === 'Z'));
  return own > 0 ? own : norm(() => true);
}
