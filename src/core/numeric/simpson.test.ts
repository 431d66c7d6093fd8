import { describe, expect, it } from 'vitest';
import { sharedIntegral } from './simpson';

describe('an integral shared between two ends', () => {
  it('is exact for a cubic that its weights leave one (Simpson)', () => {
    // f = s²: ∫s²(1 − s) = 1/12, ∫s³ = 1/4.
    const { start, end } = sharedIntegral((s) => s * s, 2);
    expect(start).toBeCloseTo(1 / 12, 12);
    expect(end).toBeCloseTo(1 / 4, 12);
  });
  it('a constant goes half to each end, a thing at one end to that end', () => {
    const even = sharedIntegral(() => 6, 4);
    expect([even.start, even.end].map((x) => Math.round(x * 1e9) / 1e9)).toEqual([3, 3]);
    const at = sharedIntegral((s) => Math.exp(-100 * s), 256);
    expect(at.start / at.end).toBeGreaterThan(50);
  });
  it('an exponential to 1e-6 in 32 strips', () => {
    const { start, end } = sharedIntegral(Math.exp, 32);
    expect(start + end).toBeCloseTo(Math.E - 1, 6);
    expect(end).toBeCloseTo(1, 6);
  });
});
