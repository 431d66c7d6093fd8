import { describe, expect, it } from 'vitest';
import { GRAVITY } from '../../physics/heat/loss';
import { pullFor } from '../../physics/tension/pulled';
import { solve } from '../solve';
import { merge } from '../merge';
import { planOut } from './template';
import { pulledOf } from './pulledWire';
import { testPlan } from './testPlans';

const pulled = (pullN: number) =>
  testPlan({
    method: { kind: 'equal-pull', pullN },
    piece: { tip: { twistDeg: 0, chordMm: 178, offsetMm: [0, 0] } },
  });

describe('a drive that nobody leads', () => {
  it('runs at the feed whose drag is its pull; seconds, kerf and templates go by that feed', () => {
    let last = 0;
    for (const pullN of [0.45, 1, 2, 4.4]) {
      const plan = planOut(pulled(pullN));
      const feed = plan.method['feedMmS'] as number;
      expect(feed).toBeGreaterThan(last);
      last = feed;
      expect(plan.heat!.advised).toBeCloseTo(feed, 6);
      expect(pullFor(pulledOf(plan.evaluation), feed / plan.heat!.fastest) / (2 * pullN)).toBeCloseTo(1, 6);
      const long = Math.max(plan.feed.root!, plan.feed.tip!);
      expect(long).toBeCloseTo(feed, 6);
      const end = plan.feed.root! >= plan.feed.tip! ? 'root' : 'tip';
      const rig = merge(plan.plan.rig, { cut: { feedMmS: plan.feed[end] } });
      expect(plan.slot[end]!).toBeCloseTo(solve(rig).cutting!.kerfMm!, 9);
      for (const p of plan.passes) {
        for (const leg of p.paced!.legs.slice(1, -1)) expect(leg.feed).toBeCloseTo(feed, 6);
        expect(p.paced!.waits).toEqual([]);
      }
    }
  });

  it('one that is led keeps the feed that is set', () => {
    const led = planOut(testPlan({ rig: { cut: { feedMmS: 2.5 } } }));
    expect(led.heat!.advised).toBeCloseTo(2.5, 9);
  });
});

describe('what hangs on a falling arm', () => {
  it.each([
    [{ kind: 'swing-arm', tipRadiusMm: 150, maxRadiusMm: 600 }, 'rootRadiusMm', 'tipRadiusMm', 600],
    [{ kind: 'lever', armMm: 500 }, 'longMarkMm', 'shortMarkMm', 500],
  ] as const)('%o holds the drag of both cords, and more of it as the arm falls', (method, a, b, reach) => {
    const plan = planOut(testPlan({ method, rig: { cut: { reserve: 0.85 } } }));
    const m = plan.method as Record<string, number>;
    const [hang, more] = [m['hangG']!, m['endG']!];
    expect(hang).toBeGreaterThan(0);
    expect(more).toBeGreaterThan(0);
    const drag = plan.heat!.drag(
      (plan.heat!.advised * (m['rootPathMm']! + m['tipPathMm']!)) /
        (2 * Math.max(m['rootPathMm']!, m['tipPathMm']!)),
    );
    const moment = (hang / 1000) * GRAVITY * reach;
    const [most, least] = [Math.max(m[a]!, m[b]!), Math.min(m[a]!, m[b]!)];
    expect(moment).toBeGreaterThan(drag * least);
    expect(moment).toBeLessThan(drag * most);
    expect((hang + more) / hang).toBeCloseTo(1 / Math.max(0.2, Math.cos((m['fallDeg']! * Math.PI) / 360)), 9);
  });
});
