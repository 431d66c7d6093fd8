import { describe, expect, it } from 'vitest';
import { boxOfLoops, placed, taken, turned } from './place';

const loops: [number, number][][] = [
  [10, 20, 30, 20, 30, 30, 10, 30],
  [12, 22, 14, 22, 14, 24],
].map((l) => l.flatMap((x, i): [number, number][] => (i % 2 === 0 ? [[x, l[i + 1]!]] : [])));

describe('parts of a drawing on the block', () => {
  it('are moved and made larger as one', () => {
    expect(boxOfLoops(placed(loops, { x: 5, wide: 40 }))).toEqual({ x0: 5, x1: 45, y0: 20, y1: 40 });
    expect(placed(loops, { x: 5, wide: 40 })[1]![0]).toEqual([9, 24]);
    expect(placed(loops, {})).toEqual(loops);
  });
  it('are turned about their middle, the lower left corner kept', () => {
    const t = turned(loops, 90);
    expect(boxOfLoops(t)).toEqual({ x0: 10, x1: 20, y0: 20, y1: 40 });
    // 2, 2 from the lower left corner of 20 by 10 is 8, 2 from that of 10 by 20.
    expect(t[1]![0]).toEqual([18, 22]);
    expect(
      turned(turned(loops, 30), -30)
        .flat()
        .every(([x], i) => Math.abs(x - loops.flat()[i]![0]) < 8),
    ).toBe(true);
  });
  it('are taken in their lie to one another; too many are refused in words', () => {
    const read = taken(
      loops.map((points) => ({ points })),
      15,
    );
    expect('take' in read && boxOfLoops(read.take)).toEqual({ x0: 15, x1: 35, y0: 15, y1: 25 });
    const many = taken(
      Array.from({ length: 401 }, () => ({ points: loops[1]! })),
      0,
    );
    expect('rule' in many && many.rule).toContain('401 outlines of 1203 points');
  });
});
