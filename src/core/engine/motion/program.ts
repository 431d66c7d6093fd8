import type { LineFault } from '../../documents/motion';
import type { AxisLetter, Machine } from '../../documents/machine';
import { axesOf } from '../../documents/machine';

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

/** Where the axes stand once they are homed, in work coordinates; an axis without a home at 0. */
export function homeOf(m: Machine): number[] {
  return axesOf(m).map((letter) => {
    const axis = m.axes[letter]!;
    if (axis.home === null) return 0;
    return (axis.home === 'min' ? axis.minMm : axis.maxMm) - zeroOf(m, letter);
  });
}

/** The work zero of an axis in the machine's own coordinates. */
export function zeroOf(m: Machine, letter: AxisLetter): number {
  const of = (pair: readonly AxisLetter[] | null) => (pair?.includes(letter) ? pair.indexOf(letter) : -1);
  const k = Math.max(of(m.left), of(m.right));
  return k < 0 ? 0 : m.zeroMm[k as 0 | 1];
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
