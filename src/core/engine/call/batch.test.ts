import { describe, expect, it } from 'vitest';
import { coresOf, handsApart, leftOf, nextRate } from './batch';
import { ran } from './testRuns';

describe('a batch', () => {
  it('pairs are cut right and left by turns; what was cut with heat is done, a rehearsal is not', () => {
    const cores = coresOf({ hand: 'pair', pieces: 2 });
    expect(cores.map((c) => c.hand + c.piece)).toEqual(['right1', 'left1', 'right2', 'left2']);
    const runs = [ran({ rehearsal: true, hand: 'left' }), ran({}), ran({ hand: 'left', finished: false })];
    expect(leftOf(cores, runs).map((c) => c.hand + c.piece)).toEqual(['left1', 'right2', 'left2']);
    expect(coresOf({ hand: 'left', pieces: 1 })).toEqual([{ hand: 'left', piece: 1 }]);
  });
  it('the next call begins at the pace that was really held', () => {
    expect(nextRate([])).toBe(1);
    expect(nextRate([ran({ pace: 1.25 })])).toBeCloseTo(0.8, 12);
    expect(nextRate([ran({ pace: 1.25 }), ran({ pace: 2, rehearsal: true })])).toBeCloseTo(0.8, 12);
  });
  it('left is held against right where both were measured', () => {
    const runs = [
      ran({ measured: { rootThickMm: 26.8, weightG: 45 } }),
      ran({ hand: 'left', measured: { rootThickMm: 26.4 } }),
    ];
    expect(handsApart(runs)).toEqual({ rootThickMm: expect.closeTo(0.4, 9) });
    expect(handsApart(runs.slice(1))).toEqual({});
  });
});
