import { describe, expect, it } from 'vitest';
import { merge } from '../merge';
import { planOut } from '../template/template';
import { testPlan } from '../template/testPlans';
import { LEAST_MARK_S, ledOut, ledSchedule, stationsOf, type Marks } from './led';

const t = planOut(testPlan());
const top = t.passes.find((p) => p.pass.side === 'top')!;

/** Marks as the plan itself would set them, each way taking `times` as long. */
function marked(times: (n: number) => number): Marks {
  const at = top.pass.nodes.flatMap((node, i) => (node.kind === 'station' ? [i] : []));
  const seconds = [0];
  at.slice(1).forEach((i, k) =>
    seconds.push(seconds[k]! + (top.paced!.arrive[i]! - top.paced!.leave[at[k]!]!) * times(k)),
  );
  return { side: 'top', seconds };
}
const led = (times: (n: number) => number) => ledOut(t, [marked(times)])[0]!;

describe('a pass that is led by feel', () => {
  it('led as planned, it comes out as planned', () => {
    const { legs, worst, forecast } = led(() => 1);
    expect(legs).toHaveLength(stationsOf(top.pass.nodes).length - 1);
    for (const l of legs) expect(l.seconds).toBeCloseTo(l.planned, 6);
    expect(forecast).toHaveLength(top.forecast.length);
    // Between two stations the plan may go unevenly about a corner; here there is none.
    expect(Math.abs(worst!.off)).toBeLessThan(0.02);
  });
  it('the feed of a way is its length over its time at each end, by hand', () => {
    // A plain box, 240 mm chord at the root and 120 at the tip, in 12 stations: 20 and 10 mm each, in 10 s: 2 and 1 mm/s.
    const box = (chordMm: number) => ({
      section: { kind: 'rectangle', height: 0.2 },
      chordMm,
      twistDeg: 0,
    });
    const plan = merge(testPlan(), {
      piece: { root: box(240), tip: { ...box(120), offsetMm: [0, 0] } },
      template: { split: 'square', stations: 12 },
    });
    const out = planOut(plan);
    const seconds = Array.from({ length: 13 }, (_, i) => 10 * i);
    const [is] = ledOut(out, [{ side: 'square', seconds }]);
    for (const l of is!.legs) {
      expect(l.root).toBeCloseTo(2, 6);
      expect(l.tip).toBeCloseTo(1, 6);
      expect(l.left).toBe(1 < is!.window.slowest ? 'slow' : 2 > is!.window.fastest ? 'fast' : null);
    }
  });
  it('too slow on one way: told there alone, and the core is low there, more than elsewhere', () => {
    const is = led((n) => (n === 9 ? 6 : 1));
    expect(is.legs.filter((l) => l.left).map((l) => [l.n, l.left])).toEqual([[9, 'slow']]);
    expect(is.worst!.off).toBeLessThan(-0.1);
    expect(is.worst!.at).toBeGreaterThanOrEqual(9);
    expect(is.worst!.at).toBeLessThanOrEqual(10.5);
    const planned = led(() => 1).forecast;
    is.forecast.forEach((f, i) => {
      if (f.at < 8) expect(f.root).toBeCloseTo(planned[i]!.root, 6);
    });
  });
  it('too fast all the way: the kerf is narrower and the ends proud, and every way is told', () => {
    const is = led(() => 0.3);
    expect(is.legs.every((l) => l.left === 'fast')).toBe(true);
    const mid = is.forecast.filter((f) => f.at > 5 && f.at < 15);
    const plan = led(() => 1).forecast.filter((f) => f.at > 5 && f.at < 15);
    mid.forEach((f, i) => expect(f.root).toBeGreaterThan(plan[i]!.root));
  });
  it('what a wire does that is dragged is not foretold, nor while its middle still trails', () => {
    const all = led(() => 0.2);
    expect([all.dragged, all.worst]).toEqual([true, null]);
    const one = led((n) => (n === 4 ? 0.2 : n === 15 ? 6 : 1));
    expect(one.dragged).toBe(true);
    expect(one.worst!.at).toBeGreaterThan(8);
    expect(one.worst!.off).toBeLessThan(0);
    expect(led((n) => (n === 15 ? 6 : 1)).dragged).toBe(false);
  });
  it('missing marks, marks that do not rise, and a side that is not cut give nothing', () => {
    const { seconds } = marked(() => 1);
    expect(ledSchedule(top.pass, seconds.slice(1))).toBeNull();
    expect(
      ledSchedule(top.pass, [...seconds.slice(0, 5), seconds[4]! + LEAST_MARK_S / 2, ...seconds.slice(6)]),
    ).toBeNull();
    expect(ledOut(t, [{ side: 'outline', seconds }])).toEqual([]);
    expect(ledOut(t, [])).toEqual([]);
  });
  it('lead-in and lead-out go on as the way beside them', () => {
    const s = ledSchedule(top.pass, marked(() => 1.2).seconds)!;
    expect(s.legs[0]!.feed).toBeCloseTo(s.legs[1]!.feed, 9);
    expect(s.legs.at(-1)!.feed).toBeCloseTo(s.legs.at(-2)!.feed, 9);
    expect(s.arrive).toHaveLength(top.pass.nodes.length);
    expect(s.seconds).toBeCloseTo(s.arrive.at(-1)!, 9);
  });
});
