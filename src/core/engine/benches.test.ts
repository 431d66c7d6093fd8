import { describe, expect, it } from 'vitest';
import { loggedCutSchema, type LoggedCut } from '../documents/log';
import { normalCdf } from '../numeric/normal';
import { FEED_SD, GRADE_SD } from '../physics/tuning/evidence';
import { advise } from './advise';
import { setUp } from './setup';
import { OperatingPointSolver } from './states';
import { mostInformativeCut } from './telling';
import { testRig } from './testRigs';
import { tuningOf, type Tuning } from './tune';
import { windowOf } from './window';

/** A seeded generator (xorshift) and a normal number from it. */
function dice(seed: number) {
  let x = (seed * 2654435761) >>> 0 || 1;
  const even = () => {
    x ^= x << 13;
    x ^= x >>> 17;
    x ^= x << 5;
    x >>>= 0;
    return (x + 0.5) / 4294967297;
  };
  return { even, normal: () => Math.sqrt(-2 * Math.log(even())) * Math.cos(2 * Math.PI * even()) };
}

const RIGS = [
  testRig({ foam: { kind: 'xps', densityKgM3: 33, widthMm: 640 }, supply: { volts: 32, maxAmps: 6 }, tension: { setN: 45 } }),
  testRig({ wire: { alloy: 'ss-304', diameterMm: 0.635, lengthMm: 1320 }, control: { setting: 15 }, foam: { widthMm: 790 }, tension: { kind: 'weight', setN: 40 } }),
  testRig({ frame: { kind: 'table' }, wire: { diameterMm: 0.32, lengthMm: 420, lie: 'vertical' }, supply: { volts: 32, maxAmps: 6 }, control: { setting: 8.5 }, foam: { widthMm: 250 }, tension: { kind: 'weight', setN: 15 } }),
]; // prettier-ignore

/** The model's own window at a setting, mm/s. */
function window1(rig: (typeof RIGS)[number], setting: number | null) {
  const w = windowOf(new OperatingPointSolver(setUp({ ...rig, control: { ...rig.control, setting } })));
  return { fastest: w.fastest!.feed * 1000, slowest: w.slowest! * 1000 };
}

/** Grades are summed over a plane, not a line: by turns ten cuts take minutes, so `LONG=1` asks for them. */
const lastOf = (way: 'telling' | 'by turns') => (way === 'telling' || process.env['LONG'] ? 10 : 5);

interface Run {
  /** Error of the shown max feed, as a logarithm, and the sd shown, after 1, 3, 5 and 10 cuts. */
  readonly at: Readonly<Record<number, { error: number; sd: number }>>;
  readonly inWindow: boolean;
}

/**
 * Ten cuts on a bench drawn from what the model claims, each by the program's own advice: always the most telling one, or by turns
 * that and the next one advised, led and graded.
 */
function bench(seed: number, way: 'telling' | 'by turns'): Run {
  const { even, normal } = dice(seed);
  const rig = RIGS[seed % RIGS.length]!;
  const theta = 0.35 * normal();
  const psi = 0.5 * normal();
  const shared = 0.05 * normal();
  const cuts: LoggedCut[] = [];
  const at: Record<number, { error: number; sd: number }> = {};
  let inWindow = false;
  let t: Tuning = tuningOf([]);
  for (let n = 1; n <= lastOf(way); n++) {
    const told = mostInformativeCut(rig, t)!;
    const advised = advise(rig, t, cuts).next;
    const next =
      way === 'telling' || n % 2 === 1
        ? told
        : { kind: 'graded' as const, setting: advised!.setting, feedMmS: advised!.feedMmS! };
    const w = window1(rig, next.setting);
    // What this bench's feeds carry: its foam, and the model's error that all its feeds share.
    const fastest = w.fastest * Math.exp(-theta + shared);
    const slowest = w.slowest * Math.exp(psi - theta + shared);
    const common = {
      at: new Date(Date.UTC(2026, 4, n)).toISOString(),
      setting: next.setting,
      widthMm: rig.foam.widthMm,
    };
    if (next.kind === 'limit') {
      const feedMmS = fastest * Math.exp(FEED_SD * normal());
      cuts.push(loggedCutSchema.parse({ ...common, feedMmS, limit: true }));
    } else {
      const feedMmS = next.feedMmS;
      const cold = normalCdf(Math.log(feedMmS / fastest) / GRADE_SD);
      const hot = normalCdf(Math.log(slowest / feedMmS) / GRADE_SD);
      const u = even() * Math.max(1, cold + hot);
      cuts.push(
        loggedCutSchema.parse({
          ...common,
          feedMmS,
          grade: u < cold ? 'too-cold' : u < cold + hot ? 'too-hot' : 'good',
        }),
      );
    }
    t = tuningOf(cuts.map((cut) => ({ rig, cut })));
    at[n] = { error: -t.logMean - -theta, sd: t.shownSd };
    if (n === 3) {
      const advice = advise(rig, t, cuts);
      const w2 = window1(rig, advice.next!.setting);
      const feed = advice.next!.feedMmS!;
      inWindow = feed <= w2.fastest * Math.exp(-theta) && feed >= w2.slowest * Math.exp(psi - theta);
    }
  }
  return { at, inWindow };
}

describe.each(['telling', 'by turns'] as const)(
  'two hundred simulated benches, tuned by the program’s own advice: %s',
  (way) => {
    const runs = Array.from({ length: 200 }, (_, i) => bench(i + 1, way));
    const share = (of: (r: Run) => boolean) => runs.filter(of).length / runs.length;

    it.each([1, 3, 5, 10].filter((n) => n <= lastOf(way)))(
      'after %d cuts the true max feed lies within ±1σ as often as that claims, and within ±2σ',
      (n) => {
        const within = (k: number) => share((r) => Math.abs(r.at[n]!.error) <= k * r.at[n]!.sd);
        expect(within(1), `±1σ ${within(1)}`).toBeGreaterThanOrEqual(0.6);
        expect(within(1), `±1σ ${within(1)}`).toBeLessThanOrEqual(0.76);
        expect(within(2), `±2σ ${within(2)}`).toBeGreaterThanOrEqual(0.92);
      },
    );

    it('the median error after five cuts is under 8 %', () => {
      const errors = runs.map((r) => Math.abs(Math.expm1(r.at[5]!.error))).sort((a, b) => a - b);
      expect(errors[100]!).toBeLessThan(0.08);
    });

    it('after three cuts the advised setting and feed lie in the clean window for nine in ten', () => {
      expect(share((r) => r.inWindow)).toBeGreaterThanOrEqual(0.9);
    });
  },
);
