import { describe, expect, it } from 'vitest';
import { fairCurve } from './fair';
import { isInside, signedDistance } from './inside';
import { nearest, type Pt } from './polyline';

const circle = (n: number, r: number, from = 0, to = 2 * Math.PI): Pt[] =>
  Array.from({ length: n }, (_, i): Pt => {
    const a = from + ((to - from) * i) / (n - 1);
    return [r * Math.cos(a), r * Math.sin(a)];
  });

describe('a fair curve through points', () => {
  it('goes through every one of them', () => {
    const points: Pt[] = [
      [0, 0],
      [1, 4],
      [6, 9],
      [30, 12],
      [100, 3],
    ];
    const line = fairCurve(points);
    for (const p of points) expect(nearest(line, p).distance).toBeLessThan(1e-9);
  });
  // Nine points on half a circle of 50 mm: a cubic spline's own error, h⁴/384 of the fourth derivative inside, a bend kept at the ends.
  it('keeps to a half circle of 50 mm by nine points within 0.1 mm, by 25 within 0.003 mm', () => {
    const off = (n: number) =>
      Math.max(...fairCurve(circle(n, 50, 0, Math.PI)).map(([x, y]) => Math.abs(Math.hypot(x, y) - 50)));
    expect(off(9)).toBeLessThan(0.1);
    expect(off(25)).toBeLessThan(0.003);
  });
  it('a straight line stays straight, repeated points are no fault, two points are a line', () => {
    for (const [x, y] of fairCurve([
      [0, 0],
      [10, 5],
      [10, 5],
      [20, 10],
      [60, 30],
    ]))
      expect(y).toBeCloseTo(x / 2, 9);
    expect(
      fairCurve([
        [0, 0],
        [3, 4],
      ]),
    ).toEqual([
      [0, 0],
      [3, 4],
    ]);
  });
});

describe('inside and outside of a loop', () => {
  const square: Pt[] = [
    [0, 0],
    [10, 0],
    [10, 10],
    [0, 10],
  ];
  it('a distance has a sign', () => {
    expect(signedDistance(square, [5, 3])).toBeCloseTo(-3, 12);
    expect(signedDistance(square, [13, 14])).toBeCloseTo(5, 12);
    expect(signedDistance([...square].reverse(), [5, -2])).toBeCloseTo(2, 12);
  });
  it('of 2000 points about a circle each is on its side', () => {
    const loop = circle(361, 20).slice(0, -1);
    for (let i = 0; i < 2000; i++) {
      const p: Pt = [((i * 7919) % 601) / 10 - 30, ((i * 104729) % 607) / 10 - 30];
      const r = Math.hypot(...p);
      if (Math.abs(r - 20) > 0.01) expect(isInside(loop, p)).toBe(r < 20);
    }
  });
});
