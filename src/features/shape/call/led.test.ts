import { describe, expect, it } from 'vitest';
import type { LedLeg, LedPass } from '@/core/engine/call/led';
import { outsideOf, worstOf } from './led';

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
  it('what differs most of all passes, to whichever side; none where nothing is foretold', () => {
    const pass = (off: number | null) =>
      ({ worst: off === null ? null : { off, at: 3, where: 'root' } }) as LedPass;
    expect(worstOf([pass(0.1), pass(-0.3), pass(null), pass(0.2)])!.off).toBe(-0.3);
    expect(worstOf([pass(null)])).toBeNull();
    expect(worstOf([])).toBeNull();
  });
});
