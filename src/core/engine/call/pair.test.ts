import { describe, expect, it } from 'vitest';
import { merge } from '../merge';
import { planOut } from '../template/template';
import { testPlan } from '../template/testPlans';
import { viewOf } from '../template/view';
import { ran } from './testRuns';
import { callSheet } from './cues';
import { ledOut, ledSchedule, stationsOf } from './led';
import { legsBetween, pacedBy, pairPace, viewPacedBy } from './pair';

const t = planOut(testPlan());
const view = viewOf(t);
/** Every pass led so many times as long as planned, way by way. */
const ledBy = (times: (k: number) => number) =>
  view.passes.map((p) => {
    const seconds = [0];
    legsBetween(p, view).forEach((l, k) => seconds.push(seconds[k]! + l.planned * times(k)));
    return { side: p.side, seconds };
  });

describe('ways between stations', () => {
  it('the plan’s time lies between the least and the most that are clean', () => {
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

describe('a pair’s own pace', () => {
  it('is learnt way by way from the last three hot runs to the end, by their geometric mean', () => {
    const slow = ran({ led: ledBy((k) => (k < 10 ? 1.21 : 1)) });
    const even = ran({ led: ledBy(() => 1) });
    const old = ran({ led: ledBy(() => 1.3) });
    const none = [
      ran({}),
      ran({ rehearsal: true, led: ledBy(() => 1) }),
      ran({ finished: false, led: ledBy(() => 1) }),
    ];
    expect(pairPace(view, none)).toBeNull();
    const pace = pairPace(view, [old, slow, even, slow, ...none])!;
    expect(pace.runs).toBe(3);
    view.passes.forEach((pass, i) => {
      legsBetween(pass, view).forEach((l, k) => {
        const [a, b] = pace.marks[i]!.seconds.slice(k, k + 2);
        const own = l.planned * (k < 10 ? 1.21 ** (2 / 3) : 1);
        expect(b! - a!).toBeCloseTo(Math.min(l.longest, Math.max(l.shortest, own)), 6);
      });
    });
  });
  it('never leaves the clean feeds, however they led; what was led with other stations does not count', () => {
    for (const times of [0.05, 20]) {
      const pace = pairPace(view, [ran({ led: ledBy(() => times) })])!;
      expect(pace.held).toBe(pace.ways);
      const led = ledOut(t, pace.marks);
      expect(led).toHaveLength(view.passes.length);
      for (const p of led)
        for (const l of p.legs) {
          // A corner between two stations is led evenly with them: up to a thousandth of rounding.
          expect(Math.max(l.root, l.tip)).toBeLessThan(p.window.fastest * 1.001);
          expect(Math.min(l.root, l.tip)).toBeGreaterThan(p.window.slowest * 0.999);
        }
    }
    const other = viewOf(planOut(testPlan({ template: { stations: 12 } })));
    expect(pairPace(other, [ran({ led: ledBy(() => 1) })])).toBeNull();
  });
  it('called by it, each station is reached at its second after the first; led as planned, the call is the plan’s', () => {
    const same = viewPacedBy(view, pairPace(view, [ran({ led: ledBy(() => 1) })])!);
    same.passes.forEach((p, i) => {
      p.arrive.forEach((s, k) => expect(s).toBeCloseTo(view.passes[i]!.arrive[k]!, 6));
    });
    const pass = view.passes[0]!;
    const seconds = [0];
    legsBetween(pass, view).forEach((l, k) => seconds.push(seconds[k]! + l.planned * (1 + 0.3 * Math.sin(k))));
    const paced = pacedBy(pass, seconds);
    const at = stationsOf(pass.nodes).map((s) => paced.arrive[s.i]!);
    at.forEach((s, k) => expect(s - at[0]!).toBeCloseTo(seconds[k]!, 6));
    for (const [k, s] of paced.arrive.entries()) {
      expect(paced.leave[k]!).toBeGreaterThanOrEqual(s - 1e-9);
      if (k > 0) expect(s).toBeGreaterThanOrEqual(paced.leave[k - 1]!);
    }
    const said = callSheet(paced).cues.filter((c) => c.kind === 'station');
    expect(said).toHaveLength(21);
    said.forEach((c, k) => expect(c.at - said[0]!.at).toBeCloseTo(seconds[k]!, 6));
  });
  it('a corner’s wait is stretched with its way; every node keeps its order', () => {
    const box = { section: { kind: 'rectangle', height: 0.2 }, chordMm: 200, twistDeg: 0 };
    const cornered = viewOf(planOut(merge(testPlan(), { piece: { root: box, tip: box } })));
    for (const pass of cornered.passes) {
      const seconds = [0];
      legsBetween(pass, cornered).forEach((l, k) => seconds.push(seconds[k]! + 2 * l.planned));
      const paced = pacedBy(pass, seconds);
      paced.arrive.forEach((s, k) => expect(s).toBeCloseTo(2 * pass.arrive[k]!, 6));
      paced.waits.forEach((w, k) => expect(w.seconds).toBeCloseTo(2 * pass.waits[k]!.seconds, 9));
      const legs = paced.legs.reduce((sum, l) => sum + l.seconds, 0);
      const waits = paced.waits.reduce((sum, w) => sum + w.seconds, 0);
      expect(legs + waits).toBeCloseTo(paced.arrive.at(-1)!, 6);
      expect(ledSchedule({ ...pass, ...pass.lines }, seconds)).not.toBeNull();
    }
  });
});
