import { axesOf, type AxisLetter, type Machine } from '../../documents/machine';

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
