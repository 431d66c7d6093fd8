import { describe, expect, it } from 'vitest';
import { loggedCutSchema, type LoggedCut } from '../documents/log';
import { advise, tune } from './advise';
import { solve } from './solve';
import { testRig } from './testRigs';
import { evidenceOf, feedOfCut, MOST_TUNING, steadyFeed, storedOf, tuningOf } from './tune';
import { tuned } from './tuned';
import { setUp } from './setup';
import { adviceSchema } from '../documents/advice';
import { toldAdvice } from '../words/told';

const rig = testRig({
  supply: { volts: 32, maxAmps: 6 },
  foam: { kind: 'xps', densityKgM3: 33, widthMm: 640 },
});
const fastest = solve(rig).cutting!.fastestFeedMmS!;
const cut = (c: Partial<LoggedCut>) =>
  loggedCutSchema.parse({ at: '2026-05-02T18:10:00Z', setting: 18.5, widthMm: 640, ...c });
const limit = (c: Partial<LoggedCut>) => cut({ limit: true, ...c });

describe('what a cut says', () => {
  it('a limit feed given as such is steady', () => {
    const [e] = evidenceOf({ rig, cut: limit({ feedMmS: fastest * 0.8 }) });
    expect(e).toMatchObject({ kind: 'seen', sd: 0.15 });
    expect((e as { theta: number }).theta).toBeCloseTo(Math.log(1 / 0.8), 9);
  });

  it('a limit cut timed from the touch has the stored heat taken out; inside the foam it has not', () => {
    const stored = storedOf(setUp(rig));
    expect(stored).toBeGreaterThan(1);
    const touch = steadyFeed({ rig, cut: limit({ depthMm: 50, seconds: 10 }) })!;
    expect(touch).toBeCloseTo(50 / (10 + stored), 9);
    expect(steadyFeed({ rig, cut: limit({ depthMm: 50, seconds: 10, timedFrom: 'in-foam' }) })).toBeCloseTo(
      5,
      9,
    );
    expect(
      steadyFeed({
        rig,
        cut: limit({
          depthMm: 50,
          seconds: 10,
          marks: [
            { mm: 25, s: 3 },
            { mm: 50, s: 8 },
          ],
        }),
      }),
    ).toBeCloseTo(5, 9);
  });

  it('metered amps replace the computed ones', () => {
    const plain = evidenceOf({ rig, cut: limit({ feedMmS: 5 }) })[0] as { theta: number };
    const metered = evidenceOf({ rig, cut: limit({ feedMmS: 5, amps: 3 }) })[0] as { theta: number };
    expect(metered.theta).toBeGreaterThan(plain.theta);
  });

  it('without a window it counts for nothing', () => {
    expect(evidenceOf({ rig, cut: cut({ setting: 3, feedMmS: 2, grade: 'good' }) })).toEqual([]);
    expect(tuningOf([{ rig, cut: cut({ setting: 3, feedMmS: 2, grade: 'good' }) }]).used).toBe(0);
  });

  it('feed is depth over seconds where it is not given', () =>
    expect(feedOfCut(cut({ depthMm: 50, seconds: 12.5 }))).toBe(4));
});

describe('tuning and advice', () => {
  it('nothing logged leaves the rig as it is and says to make a first cut', () => {
    const advice = tune({ rig, cuts: [] });
    expect(advice.tuning).toMatchObject({ logMean: 0, logSd: expect.closeTo(0.35, 12), used: 0 });
    expect(advice.next!.why).toBe('first');
    expect(tuned(rig, tuningOf([]))).toBe(rig);
    expect(adviceSchema.safeParse(toldAdvice(advice, rig)).error).toBeUndefined();
  });

  it('timed cuts at 0.8 of the model tighten the window about 0.8 of it', () => {
    const cuts = Array.from({ length: 6 }, () => limit({ feedMmS: fastest * 0.8 }));
    const advice = tune({ rig, cuts });
    const [low, mid, high] = advice.window.fastestFeedMmS!;
    expect(mid / fastest).toBeGreaterThan(0.79);
    expect(mid / fastest).toBeLessThan(0.83);
    expect(high / low).toBeLessThan(1.25);
    expect(advice.enough).toBe(true);
    const t = tuningOf(cuts.map((c) => ({ rig, cut: c })));
    expect(solve(tuned(rig, t)).cutting!.fastestFeedMmS! / mid).toBeCloseTo(1, 6);
  });

  it('too cold at a feed asks for more heat; too hot for less', () => {
    const cold = tune({ rig, cuts: [cut({ feedMmS: 4.5, grade: 'too-cold' })] }).next!;
    expect(cold.why).toBe('hotter');
    expect(cold.setting!).toBeGreaterThan(18.5);
    const hot = tune({ rig, cuts: [cut({ feedMmS: 1.2, grade: 'too-hot' })] }).next!;
    expect(hot.why).toBe('cooler');
    expect(hot.setting!).toBeLessThan(18.5);
  });

  it('never advises a setting that brings a stop', () => {
    const small = testRig({
      supply: { kind: 'bench', volts: 32, maxAmps: 2.6 },
      foam: { kind: 'xps', densityKgM3: 33, widthMm: 640 },
      cut: { feedMmS: 9 },
    });
    const { next } = tune({ rig: small, cuts: [cut({ feedMmS: 9, grade: 'too-cold' })] });
    expect(next!.feedMmS!).toBeLessThan(9);
    const there = solve(testRig({ ...small, control: { ...small.control, setting: next!.setting } }));
    expect(there.findings.filter((f) => f.level === 'stop')).toEqual([]);
  });

  it('says nothing can be advised for a foam without figures', () => {
    const starch = testRig({ foam: { kind: 'starch' } });
    expect(advise(starch, tuningOf([]), []).next!.why).toBe('no-figures');
  });

  it('after a good cut the next is that cut’s own setting and feed, whatever the rig says', () => {
    const dial = testRig({ control: { setting: 15 } });
    const cuts = [
      cut({ setting: 15, feedMmS: 4, grade: 'too-cold' }),
      cut({ setting: 19, feedMmS: 4, grade: 'good' }),
    ];
    expect(tune({ rig: dial, cuts }).next).toMatchObject({ setting: 19, feedMmS: 4, why: 'hold' });
  });

  it('gives no setting to a rig that a finding stops; the finding stands in its place', () => {
    const graded = [cut({ feedMmS: 4, grade: 'too-cold' })];
    for (const [code, parts] of [
      ['mains-direct', { supply: { kind: 'other', volts: 230, maxAmps: 10, current: 'ac', isolated: false } }],
      ['metal-frame-live', { frame: { kind: 'bow', material: 'metal' } }],
      ['foam-refused', { foam: { kind: 'pur' } }],
    ] as const) {
      const advice = tune({ rig: testRig(parts as never), cuts: graded });
      expect(advice.next, code).toBeNull();
      expect(advice.finding!.level).toBe('stop');
      expect(solve(testRig(parts as never)).findings.map((f) => f.code)).toContain(code);
      expect(adviceSchema.safeParse(toldAdvice(advice, rig)).error).toBeUndefined();
    }
  });

  it('too hot at 26 V: cooler, and never the same pair twice, however often it is taken', () => {
    const start = testRig({
      wire: { diameterMm: 0.455, lengthMm: 1050 },
      supply: { volts: 32, maxAmps: 6 },
      control: { setting: 26 },
      foam: { kind: 'xps', densityKgM3: 33, widthMm: 640 },
      tension: { setN: 30 },
    });
    const cuts: LoggedCut[] = [];
    let at = { setting: 26, feedMmS: 9.2 };
    for (let n = 0; n < 6; n++) {
      cuts.push({ ...cut({ ...at, grade: 'too-hot' }), at: new Date(Date.UTC(2026, 1, n + 1)).toISOString() });
      const { next } = tune({ rig: start, cuts });
      if (next?.feedMmS == null) break;
      expect(next.setting! <= at.setting || next.feedMmS > at.feedMmS, `${n}`).toBe(true);
      expect(cuts.some((c) => c.setting === next.setting && c.feedMmS === next.feedMmS)).toBe(false);
      if (n === 0) expect(next.setting!).toBeLessThan(26);
      at = { setting: next.setting!, feedMmS: next.feedMmS };
    }
    expect(cuts.length).toBeGreaterThan(2);
  });

  it('a clip can be shortened', () => {
    const clip = testRig({
      wire: { lengthMm: 1400 },
      supply: { kind: 'brick', volts: 15, maxAmps: 5 },
      control: { kind: 'clip', setting: 1350 },
      foam: { widthMm: 500 },
      tension: { setN: 30 },
    });
    const { next } = tune({
      rig: clip,
      cuts: [cut({ setting: 1350, widthMm: 500, feedMmS: 3, grade: 'too-cold' })],
    });
    expect(next!.setting!).toBeLessThan(1350);
    expect(next!.setting!).toBeGreaterThan(500);
    expect(next!.why).toBe('hotter');
  });

  it('a wild timing is set aside by its place in the log', () => {
    const advice = tune({ rig, cuts: [1, 1.03, 20, 0.97].map((f) => limit({ feedMmS: fastest * f })) });
    expect(advice.tuning.setAside).toEqual([2]);
    expect(advice.tuning.used).toBe(3);
  });

  it('is tuned by its newest five hundred cuts, whatever order the log is in; what was set aside is told by its place there', () => {
    const day = (n: number) => new Date(Date.UTC(2026, 0, 1) + n * 3600_000).toISOString();
    // The oldest were made on another bench: they would halve the answer.
    const cuts = Array.from({ length: MOST_TUNING + 200 }, (_, n) => ({
      ...limit({ feedMmS: fastest * (n < 200 ? 0.4 : n === 450 ? 20 : 1) }),
      at: day(n),
    })).reverse();
    const { tuning } = tune({ rig, cuts });
    expect(tuning.used).toBe(MOST_TUNING - 1);
    expect(tuning.setAside).toEqual([cuts.findIndex((c) => c.feedMmS === fastest * 20)]);
    expect(tuning.factor[1]).toBeCloseTo(1, 2);
  });
});
