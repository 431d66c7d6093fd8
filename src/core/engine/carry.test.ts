import { describe, expect, it } from 'vitest';
import { loggedCutSchema } from '../documents/log';
import { supplySchema } from '../documents/supply';
import { transferRecipe, OTHER_WIRE_SD } from './carry';
import { driftOf } from './drift';
import { evaluate } from './evaluate';
import { solve } from './solve';
import { testRig } from './testRigs';
import { tuningOf } from './tune';

const rig = testRig({
  wire: { alloy: 'nicr-80', diameterMm: 0.455, lengthMm: 1050 },
  supply: { kind: 'bench', volts: 32, maxAmps: 6 },
  control: { kind: 'volts', setting: 18.5 },
  foam: { kind: 'xps', densityKgM3: 33, widthMm: 640 },
  cut: { feedMmS: 2.6 },
});
const fastest = solve(rig).cutting!.fastestFeedMmS!;
const limit = (k: number, day: number, on = rig) => ({
  rig: on,
  cut: loggedCutSchema.parse({
    at: `2026-05-${String(day).padStart(2, '0')}T10:00:00Z`,
    setting: on.control.setting,
    widthMm: 640,
    feedMmS: k * fastest,
    limit: true,
  }),
});
const cuts = [0.85, 0.9, 0.87].map((k, i) => limit(k, i + 1));
const tuning = tuningOf(cuts);

describe('a recipe carried over', () => {
  it('to another width: the same feed in hand, more volts for more wire, no wider than before', () => {
    const c = transferRecipe(rig, tuning, { widthMm: 900 });
    expect(c.lengthMm).toBe(1310);
    expect(c.feedMmS).toBe(2.6);
    expect(c.setting!).toBeGreaterThan(18.5);
    expect(c.sd).toBeCloseTo(tuning.shownSd, 12);
    // Practice 9: twice the wire, twice the volts, the same amps: volts go as the length.
    const at = transferRecipe(rig, tuning, {});
    expect(c.setting! / at.setting!).toBeGreaterThan(1.2);
    expect(c.setting! / at.setting!).toBeLessThan(1.28);
    expect(c.amps![0] / at.amps![0]).toBeCloseTo(1, 1);
  });
  it('to another wire: wider, and set so that the feed is in hand as before', () => {
    const wire = { alloy: 'nicr-80' as const, diameterMm: 0.321, strands: 1 as const, measuredOhm: null };
    const c = transferRecipe(rig, tuning, { wire });
    expect(c.sd).toBeCloseTo(Math.sqrt(tuning.logSd ** 2 + OTHER_WIRE_SD ** 2 + 0.05 ** 2), 12);
    const there = { ...c.rig, foam: { ...c.rig.foam, tuning: Math.exp(tuning.logMean) } };
    expect(evaluate(there).reserve).toBeCloseTo(0.5, 2);
  });
  it('to a supply that cannot: stops are said', () => {
    const supply = {
      supply: supplySchema.parse({ kind: 'brick', volts: 24, maxAmps: 1 }),
      control: 'pwm' as const,
    };
    expect(transferRecipe(rig, tuning, { supply }).stops.map((d) => d.code)).toContain('supply-overload');
  });
  it('untuned: as wide as nothing known', () =>
    expect(transferRecipe(rig, tuningOf([]), {}).sd).toBeCloseTo(Math.hypot(0.35, 0.05), 12));
});

describe('what drifted', () => {
  const now = Date.parse('2026-05-20T10:00:00Z');
  const codes = (...of: Parameters<typeof driftOf>) => driftOf(...of).map((d) => d.code);
  it('nothing, where nothing did; nothing without cuts', () => {
    expect(codes(rig, cuts, null, now)).toEqual([]);
    expect(codes(rig, [], null, now)).toEqual([]);
  });
  it('a colder room cuts slower; months without a cut; a new wire', () => {
    const cold = { ...rig, room: { ...rig.room, airC: 2 } };
    const [d] = driftOf(cold, cuts, null, now);
    expect(d!.code).toBe('room');
    expect(d!.share!).toBeLessThan(-0.05);
    expect(codes(rig, cuts, Date.parse('2026-05-10T00:00:00Z'), now)).toEqual(['new-wire']);
    expect(driftOf(rig, cuts, null, now + 100 * 86_400_000)).toEqual([{ code: 'old', share: null, days: 117 }]);
  });
  it('an emptier battery; a wire of other ohms', () => {
    const on = (charge: number) =>
      testRig({
        supply: {
          kind: 'battery',
          volts: 12,
          maxAmps: 30,
          battery: { chemistry: 'lead-acid', cells: 6, ampHours: 40, charge },
        },
        wire: { alloy: 'nicr-80', diameterMm: 0.511, lengthMm: 600 },
      });
    const full = [1, 2].map((d) => limit(0.9, d, on(1)));
    const [d] = driftOf(on(0.1), full, null, now);
    expect(d!.code).toBe('battery');
    expect(d!.share!).toBeLessThan(-0.03);
    const thin = { ...rig, wire: { ...rig.wire, measuredOhm: 7.8 } };
    expect(codes(thin, cuts, null, now)).toContain('wire');
  });
  it('a trend of the cuts themselves, and none in mere scatter', () => {
    const slower = [0.9, 0.92, 0.88, 0.5, 0.52, 0.48].map((k, i) => limit(k, i + 1));
    const trend = driftOf(rig, slower, null, now).find((d) => d.code === 'trend')!;
    expect(trend.share).toBeCloseTo(0.5 / 0.9 - 1, 1);
    const scatter = [0.9, 0.8, 0.95, 0.85, 0.9, 0.82].map((k, i) => limit(k, i + 1));
    expect(codes(rig, scatter, null, now)).toEqual([]);
  });
});
