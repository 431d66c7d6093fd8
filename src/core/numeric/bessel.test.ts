import bessel from 'bessel';
import { describe, expect, it } from 'vitest';
import { scaledK0, scaledK1 } from './bessel';

const relative = (a: number, b: number) => Math.abs(a / b - 1);

describe('scaled Bessel functions', () => {
  // Abramowitz & Stegun, Handbook of Mathematical Functions, table 9.8; tolerance: the table's rounding.
  it.each([
    [0.1, 2.4271, 5e-5],
    [1, 0.42102, 5e-6],
    [5, 0.0036911, 5e-8],
  ])('K0(%f) is %f', (x, want, tol) => {
    expect(Math.abs(scaledK0(x) * Math.exp(-x) - want)).toBeLessThanOrEqual(tol);
  });

  it.each([
    [0.01, 4.76869],
    [10, 0.391632],
    [100, 0.125176],
  ])('e^x·K0 at %f is %f', (x, want) => {
    expect(relative(scaledK0(x), want)).toBeLessThan(5e-6);
  });

  it('agrees with the bessel package from 0.01 to 600', () => {
    for (let x = 0.01; x < 600; x *= 1.31) {
      expect(relative(scaledK0(x), bessel.besselk(x, 0) * Math.exp(x)), `K0 at ${x}`).toBeLessThan(4e-7);
      expect(relative(scaledK1(x), bessel.besselk(x, 1) * Math.exp(x)), `K1 at ${x}`).toBeLessThan(4e-7);
    }
  });

  it('joins its branches without a step', () => {
    for (const join of [2, 30]) {
      expect(relative(scaledK0(join - 1e-9), scaledK0(join + 1e-9))).toBeLessThan(4e-7);
      expect(relative(scaledK1(join - 1e-9), scaledK1(join + 1e-9))).toBeLessThan(4e-7);
    }
  });
});
