import { describe, expect, it } from 'vitest';
import { HIDDEN_FAULTS } from '../documents/practice';
import { evaluate } from '../engine/evaluate';
import { sweptRig } from '../engine/sweepRigs';
import { faultsFor, hiddenBench, meterOn } from './hidden';
import { BENCHES } from './testBenches';
import { benchScore, demonstrateBench, testCut } from './unknown';

const NUMBERS = Array.from({ length: 25 }, (_, i) => i + 1);
const plain = BENCHES['a plain bow']!;

describe('a bench that hides its fault and its heat', () => {
  it('is the same every time, and every fault that it can have comes up', () => {
    expect(hiddenBench(plain, 7)).toEqual(hiddenBench(plain, 7));
    const faults = new Set(Array.from({ length: 60 }, (_, i) => hiddenBench(plain, i + 1).fault));
    expect([...faults].sort()).toEqual([...HIDDEN_FAULTS].sort());
    const tunings = NUMBERS.map((n) => hiddenBench(plain, n).tuning);
    expect(Math.max(...tunings) / Math.min(...tunings)).toBeGreaterThan(1.3);
  });
  it('has no fault that its meter could not show, and always cuts', () => {
    expect(faultsFor(BENCHES['a bow by amps']!)).not.toContain('contact');
    expect(faultsFor(BENCHES['a bow on a brick']!)).not.toContain('folds-back');
    for (let seed = 1; seed <= 60; seed++) {
      const rig = sweptRig(seed);
      if (!evaluate(rig).window.fastest) continue;
      for (const n of [1, 2, 3])
        expect(evaluate(hiddenBench(rig, n).truth).window.fastest, rig.name).not.toBeNull();
    }
  });
  it('a bad clip takes volts from the wire, another gauge takes or gives amps', () => {
    const drawn = meterOn({ truth: plain, fault: 'nothing', tuning: 1 }, 18.5);
    const of = (fault: (typeof HIDDEN_FAULTS)[number]) => {
      const n = NUMBERS.find((k) => hiddenBench(plain, k).fault === fault)!;
      return meterOn(hiddenBench(plain, n), 18.5);
    };
    expect(of('contact').volts).toBeLessThan(0.9 * drawn.volts);
    expect(of('thicker').amps).toBeGreaterThan(1.2 * drawn.amps);
    expect(of('thinner').amps).toBeLessThan(0.8 * drawn.amps);
    expect(of('folds-back').amps).toBeCloseTo(0.62 * drawn.amps, 1);
  });
  it.each(Object.entries(BENCHES))('%s: the program finds every bench out, and loses nothing', (_, rig) => {
    for (const n of NUMBERS) {
      const { losses, points } = benchScore(demonstrateBench(rig, n));
      expect({ n, losses }).toEqual({ n, losses: [] });
      expect(points).toBe(100);
    }
  });
  it('a wrong fault, a max feed that is missed and each cut too many cost more the worse they are', () => {
    const trace = demonstrateBench(plain, 2);
    const answer = (by: number) =>
      benchScore({ ...trace, answer: { ...trace.answer, maxMmS: trace.answer.maxMmS * by } });
    expect(answer(1.3).losses[0]!.code).toBe('limit');
    expect(answer(0.6).points).toBeLessThan(answer(0.8).points);
    expect(answer(1.05).points).toBe(100);
    const cuts = (n: number) => benchScore({ ...trace, cuts: Array.from({ length: n }, () => 3) });
    expect(cuts(4).points).toBe(100);
    expect(cuts(9).losses[0]!.code).toBe('cuts');
    expect(cuts(9).points).toBeLessThan(cuts(6).points);
    const fault = trace.answer.fault === 'nothing' ? 'contact' : 'nothing';
    expect(benchScore({ ...trace, answer: { ...trace.answer, fault } }).losses[0]!.code).toBe('wrong-fault');
  });
  it('a test cut drags over the max feed, melts under the min clean feed, and its kerf is what the bench melts', () => {
    const bench = hiddenBench(plain, 4);
    const { window } = evaluate(bench.truth);
    const [max, min] = [window.fastest!.feed * 1000, window.slowest! * 1000];
    expect(testCut(bench, 1.02 * max, 0)).toMatchObject({ grade: 'too-cold', kerfMm: null });
    expect(testCut(bench, 0.9 * min, 0).grade).toBe('too-hot');
    const good = testCut(bench, 0.6 * max, 0);
    expect(good.grade).toBe('good');
    const kerf =
      evaluate({ ...bench.truth, cut: { ...bench.truth.cut, feedMmS: 0.6 * max } }).cut!.width * 1000;
    expect(Math.abs(good.kerfMm! - kerf)).toBeLessThan(0.08);
  });
});
