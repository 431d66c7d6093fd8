import { describe, expect, it } from 'vitest';
import { GRAVITY } from '../../physics/heat/loss';
import { pullFor } from '../../physics/tension/pulled';
import { solve } from '../solve';
import { merge } from '../merge';
import { fallingArm, spanDrag } from './driven';
import { degAt } from './pull';
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
    { kind: 'swing-arm', tipRadiusMm: 250, maxRadiusMm: 600 },
    { kind: 'lever', armMm: 500 },
  ] as const)('%o: along the way it does the work that the drag takes, within 1 %', (method) => {
    const plan = planOut(testPlan({ method, rig: { cut: { reserve: 0.85 } } }));
    const { pass, paced, pulls } = plan.passes[0]!;
    const arm = { ...fallingArm(plan.method, plan.plan.method)!, hangG: plan.method['hangG'] as number };
    const stations = pass.nodes.flatMap((node, i) => (node.kind === 'station' ? [i] : []));
    let falls = 0;
    let dragged = 0;
    for (const [k, i] of stations.slice(0, -1).entries()) {
      const next = stations[k + 1]!;
      // The weight that holds this way, over the angle that the arm falls on it.
      const rad = ((degAt(pass, next, arm) - degAt(pass, i, arm)) * Math.PI) / 180;
      const level = Math.cos((degAt(pass, i, arm) * Math.PI) / 180);
      falls += ((arm.hangG + pulls[k]!.grams) / 1000) * GRAVITY * (arm.reach / 1000) * level * rad;
      // The drag over both ends' ways, strip by strip along the wire, with each strip's own feed.
      for (let leg = i; leg < next; leg++) {
        const { root, tip, seconds } = paced!.legs[leg]!;
        const strips = 200;
        for (let s = 0; s < strips; s++) {
          const share = (s + 0.5) / strips;
          const way = root + (tip - root) * share;
          dragged += (plan.heat!.drag(way / seconds) / strips) * (way / 1000);
        }
      }
    }
    expect(falls).toBeGreaterThan(0);
    expect(Math.abs(falls / dragged - 1)).toBeLessThan(0.01);
  });
  it.each([
    [{ kind: 'swing-arm', tipRadiusMm: 150, maxRadiusMm: 600 }, 'rootRadiusMm', 'tipRadiusMm', 600],
    [{ kind: 'lever', armMm: 500 }, 'longMarkMm', 'shortMarkMm', 500],
  ] as const)('%o holds the drag of both cords, and more of it as the arm falls', (method, a, b, reach) => {
    const plan = planOut(testPlan({ method, rig: { cut: { reserve: 0.85 } } }));
    const m = plan.method as Record<string, number>;
    const [hang, more] = [m['hangG']!, m['endG']!];
    expect(hang).toBeGreaterThan(0);
    expect(more).toBeGreaterThan(0);
    const long = Math.max(m['rootPathMm']!, m['tipPathMm']!);
    const feedOf = (way: number) => (plan.heat!.advised * way) / long;
    const ends = spanDrag(plan.heat!, { root: feedOf(m['rootPathMm']!), tip: feedOf(m['tipPathMm']!) });
    const drag = ends.root + ends.tip;
    const moment = (hang / 1000) * GRAVITY * reach;
    const [most, least] = [Math.max(m[a]!, m[b]!), Math.min(m[a]!, m[b]!)];
    expect(moment).toBeGreaterThan(drag * least);
    expect(moment).toBeLessThan(drag * most);
    expect((hang + more) / hang).toBeCloseTo(1 / Math.max(0.2, Math.cos((m['fallDeg']! * Math.PI) / 360)), 9);
  });
});
