import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { rootIncreasing } from './root';

describe('root of an increasing function', () => {
  it('finds the roots of random cubics to the tolerance asked for', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -50, max: 50, noNaN: true }),
        fc.double({ min: 0, max: 5, noNaN: true }),
        fc.double({ min: -100, max: 100, noNaN: true }),
        (root, bend, guess) => {
          const f = (x: number) => (x - root) * (1 + bend * (x - root) ** 2);
          const found = rootIncreasing(f, -100, 100, guess, 1e-9);
          expect(found.converged).toBe(true);
          expect(Math.abs(found.x - root)).toBeLessThan(1e-7);
        },
      ),
    );
  });

  it('ends at the nearer end where there is no sign change', () => {
    expect(rootIncreasing((x) => x + 5, 0, 1, 0.5, 1e-9).x).toBeLessThan(1e-6);
    expect(rootIncreasing((x) => x - 5, 0, 1, 0.5, 1e-9).x).toBeGreaterThan(1 - 1e-6);
  });

  it('says that it did not converge when the function is not a number', () => {
    expect(rootIncreasing(() => NaN, 0, 1, 0.5, 1e-9).converged).toBe(false);
  });
});
