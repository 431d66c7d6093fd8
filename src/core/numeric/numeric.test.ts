import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { edgeBetween } from './edge';
import { expIntegral } from './expIntegral';
import { gauss12, gauss6 } from './gauss';
import { risingBy } from './monotone';
import { normalCdf } from './normal';
import { lowestRoot, rootIncreasing } from './root';
import { evenSpline, splineAt } from './spline';
import { curve, interpolateLinear } from './table';
import { tridiagonal } from './tridiagonal';
import { seeded } from './seeded';

describe('exponential integral', () => {
  // Abramowitz & Stegun, tables 5.1 and 5.2.
  it.each([
    [0.1, 1.8229239584],
    [0.5, 0.5597735948],
    [1, 0.2193839344],
    [2, 0.0489005107],
    [5, 0.0011482956],
    [10, 4.1569689e-6],
  ])('E1(%f) = %f', (x, e1) => {
    expect(Math.abs(expIntegral(x) / e1 - 1)).toBeLessThan(1e-7);
  });

  it('falls, and its two ways of reckoning meet at 1', () => {
    expect(expIntegral(1 - 1e-9) - expIntegral(1 + 1e-9)).toBeCloseTo(2e-9 * Math.exp(-1), 12);
    for (let x = 0.05; x < 8; x += 0.05) expect(expIntegral(x + 0.05)).toBeLessThan(expIntegral(x));
  });
});

describe('normal integral', () => {
  // Abramowitz & Stegun, table 26.1.
  it.each([
    [0, 0.5],
    [0.5, 0.6914624613],
    [1, 0.8413447461],
    [1.96, 0.9750021049],
    [3, 0.998650102],
  ])('Φ(%f) = %f', (z, p) => {
    expect(Math.abs(normalCdf(z) - p)).toBeLessThan(2e-7);
    expect(normalCdf(z) + normalCdf(-z)).toBeCloseTo(1, 7);
  });
});

describe('quadrature', () => {
  it('six points are exact to degree 11, twelve to 23', () => {
    for (const [rule, degree] of [
      [gauss6, 11],
      [gauss12, 23],
    ] as const)
      for (let n = 0; n <= degree; n++) {
        const exact = (2 ** (n + 1) - (-1) ** (n + 1)) / (n + 1);
        expect(Math.abs(rule((x) => x ** n, -1, 2) / exact - 1), `degree ${n}`).toBeLessThan(1e-12);
      }
  });
});

describe('tables and splines', () => {
  it('a table is linear between its points, flat beyond, and must rise', () => {
    const c = curve([[0, 1], [10, 3], [20, 2]]); // prettier-ignore
    expect([-5, 0, 5, 10, 15, 20, 99].map((x) => interpolateLinear(c, x))).toEqual([1, 1, 2, 3, 2.5, 2, 2]);
    expect(() =>
      curve([
        [0, 1],
        [0, 2],
      ]),
    ).toThrow(/not rising at 0/);
  });

  it('a natural spline goes through its points and keeps a straight line straight', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: -100, max: 100, noNaN: true }), { minLength: 3, maxLength: 30 }),
        (ys) => {
          const s = evenSpline(2, 0.5, Float64Array.from(ys));
          ys.forEach((y, i) => expect(splineAt(s, 2 + 0.5 * i)).toBeCloseTo(y, 8));
        },
      ),
    );
    const line = evenSpline(0, 1, Float64Array.from([1, 3, 5, 7, 9]));
    for (let x = 0; x <= 4; x += 0.1) expect(splineAt(line, x)).toBeCloseTo(1 + 2 * x, 10);
  });

  it('a tridiagonal system is solved: the answer put back gives the right side', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: -1, max: 1, noNaN: true }), { minLength: 1, maxLength: 40 }),
        (xs) => {
          const n = xs.length;
          const low = Float64Array.from(xs, (_, i) => (i ? -0.4 : 0));
          const up = Float64Array.from(xs, (_, i) => (i < n - 1 ? 0.3 : 0));
          const mid = Float64Array.from(xs, () => 2);
          const rhs = Float64Array.from(
            xs,
            (x, i) => 2 * x + low[i]! * (xs[i - 1] ?? 0) + up[i]! * (xs[i + 1] ?? 0),
          );
          tridiagonal(low, mid, up, rhs);
          xs.forEach((x, i) => expect(rhs[i]!).toBeCloseTo(x, 10));
        },
      ),
    );
  });

  it('pooling gives values that do not fall, with the same sum, and leaves a rising list alone', () => {
    fc.assert(
      fc.property(fc.array(fc.double({ min: -10, max: 10, noNaN: true }), { maxLength: 40 }), (ys) => {
        const out = risingBy(ys);
        const sum = (list: readonly number[]) => list.reduce((a, b) => a + b, 0);
        expect(sum(out)).toBeCloseTo(sum(ys), 8);
        for (let i = 1; i < out.length; i++) expect(out[i]!).toBeGreaterThanOrEqual(out[i - 1]! - 1e-12);
        const sorted = [...ys].sort((a, b) => a - b);
        risingBy(sorted).forEach((y, i) => expect(y).toBeCloseTo(sorted[i]!, 12));
      }),
    );
  });
});

describe('roots', () => {
  it('a slope known from a like search changes where it ends by less than the tolerance, and saves steps', () => {
    let plain = 0;
    let helped = 0;
    for (let i = 1; i <= 200; i++) {
      const root = 40 + 3 * i;
      const f = (x: number) => (x - root) * (1 + 0.001 * (x - root));
      const a = rootIncreasing(f, 0, 1000, root + 15, 1e-6);
      const b = rootIncreasing(f, 0, 1000, root + 15, 1e-6, 1.02);
      expect(Math.abs(a.x - b.x)).toBeLessThan(2e-6);
      plain += a.steps;
      helped += b.steps;
    }
    expect(helped).toBeLessThan(plain);
  });

  it('a slope that is wrong does no harm', () => {
    for (const slope of [1e-9, 0.01, 1e9, NaN, -1]) {
      const found = rootIncreasing((x) => x ** 3 - 27, 0, 100, 50, 1e-9, slope);
      expect(found.converged).toBe(true);
      expect(found.x).toBeCloseTo(3, 8);
    }
  });

  it('the lowest of several roots is found, two close together with it, and none where there is none', () => {
    const waves = (x: number) => Math.sin(x) - 0.5;
    expect(lowestRoot(waves, 0, 30, 1, 1e-9)).toBeCloseTo(Math.PI / 6, 7);
    const hump = (x: number) => 1e-3 - (x - 7.3) ** 2;
    expect(lowestRoot(hump, 0, 20, 2, 1e-9)).toBeCloseTo(7.3 - Math.sqrt(1e-3), 6);
    expect(lowestRoot((x) => -1 - x, 0, 20, 2, 1e-9)).toBeNull();
  });

  it('the edge of a yes-or-no test is found from either side, and the test still holds there', () => {
    const holds = (x: number) => x >= 2 && x <= 7.25;
    const high = edgeBetween(holds, 5, 20, 44);
    const low = edgeBetween(holds, 5, -3, 44);
    expect(high).toBeCloseTo(7.25, 10);
    expect(low).toBeCloseTo(2, 10);
    expect(holds(high) && holds(low)).toBe(true);
  });
});

describe('even numbers from a seed', () => {
  it('are even, the same every time, and of neighbouring seeds unlike', () => {
    const drawn = Array.from({ length: 4000 }, seeded(3));
    expect(Math.abs(drawn.reduce((a, b) => a + b, 0) / drawn.length - 0.5)).toBeLessThan(0.02);
    for (const tenth of Array.from({ length: 10 }, (_, i) => i / 10))
      expect(drawn.filter((x) => x >= tenth && x < tenth + 0.1).length / 4000).toBeCloseTo(0.1, 1);
    expect(Array.from({ length: 5 }, seeded(3))).toEqual(drawn.slice(0, 5));
    const firsts = Array.from({ length: 500 }, (_, i) => seeded(i)());
    expect(new Set(firsts).size).toBe(500);
    expect(Math.abs(firsts.reduce((a, b) => a + b, 0) / 500 - 0.5)).toBeLessThan(0.05);
  });
});
