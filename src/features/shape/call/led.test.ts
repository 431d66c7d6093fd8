import { describe, expect, it } from 'vitest';
import type { LedLeg } from '@/core/engine/call/led';
import { planOut } from '@/core/engine/template/template';
import { testPlan } from '@/core/engine/template/testPlans';
import { viewOf } from '@/core/engine/template/view';
import { legsBetween, outsideOf } from './led';

const leg = (n: number, left: LedLeg['left'], root: number): LedLeg => ({
  n,
  left,
  root,
  tip: root / 2,
  seconds: 2,
  planned: 4,
});

describe('where a pace left the clean feeds', () => {
  it('ways beside one another on the same side are one, with the feeds that went furthest', () => {
    const legs = [
      leg(0, 'fast', 9),
      leg(1, 'fast', 12),
      leg(2, null, 3),
      leg(3, 'slow', 0.4),
      leg(4, 'slow', 0.3),
      leg(5, 'fast', 8),
    ];
    expect(outsideOf(legs)).toEqual([
      { from: 0, to: 2, left: 'fast', seconds: 4, planned: 8, root: 12, tip: 6 },
      { from: 3, to: 5, left: 'slow', seconds: 4, planned: 8, root: 0.3, tip: 0.15 },
      { from: 5, to: 6, left: 'fast', seconds: 2, planned: 4, root: 8, tip: 4 },
    ]);
    expect(outsideOf([leg(0, null, 3)])).toEqual([]);
  });
  it('times of each way: the plan’s lies between the least and the most that are clean', () => {
    const view = viewOf(planOut(testPlan()));
    for (const pass of view.passes) {
      const legs = legsBetween(pass, view);
      expect(legs).toHaveLength(20);
      for (const l of legs) {
        expect(l.shortest).toBeLessThanOrEqual(l.planned + 1e-9);
        expect(l.longest).toBeGreaterThanOrEqual(l.planned - 1e-9);
      }
    }
    const open = legsBetween(view.passes[0]!, { fastest: null, slowest: null });
    expect(open.every((l) => l.shortest === 0 && l.longest === Infinity)).toBe(true);
  });
});
