import { describe, expect, it } from 'vitest';
import { loggedCutSchema, type LoggedCut } from '../documents/log';
import { estimates, ESTIMATES, type Estimate } from './estimates';
import { solve } from './solve';
import { testRig } from './testRigs';
import { tuningOf } from './tune';

const rig = testRig();
const fastest = solve(rig).cutting!.fastestFeedMmS!;
const limit = (feedMmS: number, day: number): LoggedCut =>
  loggedCutSchema.parse({
    at: `2026-05-${String(day).padStart(2, '0')}T10:00:00Z`,
    setting: rig.control.setting,
    widthMm: rig.foam.widthMm,
    feedMmS,
    limit: true,
  });
const run = (cuts: readonly LoggedCut[]): Estimate[] => {
  const steps = estimates(cuts.map((cut) => ({ rig, cut })));
  for (;;) {
    const s = steps.next();
    if (s.done) return s.value;
    expect(s.value).toBeLessThanOrEqual(1);
  }
};

describe('how each cut moved the estimate', () => {
  it('ends where the tuning of all stands, and narrows on the way', () => {
    const cuts = [0.8, 0.85, 0.78, 0.82].map((k, i) => limit(k * fastest, i + 1));
    const way = run(cuts);
    const all = tuningOf(cuts.map((cut) => ({ rig, cut })));
    expect(way.at(-1)!.factor[1]).toBeCloseTo(Math.exp(all.logMean), 12);
    expect(way.at(-1)!.sd).toBeCloseTo(all.shownSd, 12);
    expect(way.map((e) => e.sd)).toEqual([...way.map((e) => e.sd)].sort((a, b) => b - a));
    // One feed of sd 0.15 on a prior of 0.35: sd √(1/(1/0.35² + 1/0.15²)) = 0.1379 (PHYSICS 11.8), with 0.05 in squares 0.1467.
    expect(way[0]!.sd).toBeCloseTo(0.1467, 3);
    expect(way[0]!.moved).toBeCloseTo(Math.expm1(0.1885), 3);
  });
  it('goes by time, whatever order they stand in, and names the cut it is of', () => {
    const cuts = [limit(0.8 * fastest, 3), limit(0.9 * fastest, 1), limit(0.7 * fastest, 2)];
    expect(run(cuts).map((e) => e.cut)).toEqual([1, 2, 0]);
  });
  it('marks what was set aside and what does not count', () => {
    const wild = run([1, 1, 1, 1, 0.09].map((k, i) => limit(k * fastest, i + 1)));
    expect(wild.map((e) => e.aside)).toEqual([false, false, false, false, true]);
    expect(wild[4]!.moved).toBeCloseTo(0, 9);
    const empty = loggedCutSchema.parse({
      at: '2026-05-09T10:00:00Z',
      widthMm: 100,
      setting: rig.control.setting,
    });
    expect(run([empty])[0]).toMatchObject({ counts: false, moved: 0 });
  });
  it('of very many the last sixty', () => {
    const many = Array.from({ length: 70 }, (_, i) => ({
      ...limit(0.9 * fastest, 1),
      at: new Date(1e12 + i * 1e6).toISOString(),
    }));
    const way = run(many);
    expect(way).toHaveLength(ESTIMATES);
    expect(way[0]!.cut).toBe(10);
  });
  it('nothing of nothing', () => expect(run([])).toEqual([]));
});
