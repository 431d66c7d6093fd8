import { describe, expect, it } from 'vitest';
import { kerfAfter } from './dwell';
import { planOut } from './template';
import { testPlan } from './testPlans';

const h = planOut(testPlan()).heat!;

describe('kerf of an end that is led unevenly', () => {
  const usual = h.slot(h.advised);
  it('at its own feed it stays what it was', () => {
    expect(kerfAfter(h, usual, h.advised, 3)).toBeCloseTo(usual, 9);
  });
  it('standing, it grows as the standing wire melts: from nothing, w(4 s) = 2·w(1 s)', () => {
    expect(kerfAfter(h, 0, 1e-6, 4)).toBeCloseTo(2 * h.standing(1), 9);
    expect(kerfAfter(h, 0, 1e-6, 1)).toBeCloseTo(h.standing(1), 9);
  });
  it('a second of creeping is a second, and many make no more than its feed for good', () => {
    const slow = h.advised / 5;
    const second = kerfAfter(h, usual, slow, 1);
    expect(second).toBeLessThanOrEqual(Math.hypot(usual, h.standing(1)) + 1e-9);
    expect(second).toBeGreaterThan(usual);
    expect(kerfAfter(h, usual, slow, 1e6)).toBeCloseTo(h.slot(slow), 9);
    const halves = kerfAfter(h, kerfAfter(h, usual, slow, 0.5), slow, 0.5);
    expect(halves).toBeCloseTo(second, 9);
  });
  it('going faster again it narrows within its own width', () => {
    const fast = h.advised * 2;
    expect(kerfAfter(h, 2, fast, 10)).toBeCloseTo(Math.max(h.diameter, h.slot(fast)), 9);
    expect(kerfAfter(h, 2, fast, 0.01)).toBeGreaterThan(h.slot(fast));
  });
});
