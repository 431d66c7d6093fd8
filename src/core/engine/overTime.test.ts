import { describe, expect, it } from 'vitest';
import { evaluate } from './evaluate';
import { histories, historyOf } from './history';
import { markCurve, markOf, settingOfMark } from './marks';
import { sessionOf } from './session';
import { compareControlModes } from './steady';
import { testRig } from './testRigs';
import { timesOf } from './times';
import { risingBy } from '../numeric/monotone';

const steel = testRig({
  wire: { alloy: 'ss-304', diameterMm: 0.635, lengthMm: 1320 },
  control: { setting: 16.5 },
  foam: { widthMm: 790 },
  cut: { feedMmS: 3 },
});

describe('a wire over time', () => {
  const all = histories(steel);
  const e = evaluate(steel);
  const end = (h: (typeof all)[number]) => h.t.length - 1;

  it('warms and settles to what the steady solve says', () => {
    const h = all[0]!;
    expect(h.hold).toBe('as-it-is');
    expect(Math.abs(h.airC[end(h)]! - e.cut!.airC)).toBeLessThan(1);
    expect(Math.abs(h.foamC[end(h)]! - e.cut!.foamC)).toBeLessThan(1);
    expect(Math.abs(h.slotMm[end(h)]! / (e.cut!.width * 1000) - 1)).toBeLessThan(0.01);
  });

  it('is 95 % warm after the warm-up of the reading, within 1 %', () => {
    const h = all[0]!;
    const i = h.t.findIndex((t) => t >= timesOf(e)!.warmUp);
    expect((h.airC[i]! - 20) / (e.idle.airC - 20)).toBeGreaterThan(0.94);
    expect((h.airC[i]! - 20) / (e.idle.airC - 20)).toBeLessThan(0.97);
  });

  it('ohms held by the loop bring the mean back, without overshooting by over a tenth of the rise', () => {
    const h = all.find((x) => x.hold === 'ohms')!;
    expect(Math.max(...h.airC)).toBeLessThan(20 + 1.1 * (e.idle.airC - 20));
    const mean = (i: number) => h.airC[i]! * (1 - 790 / 1320) + h.foamC[i]! * (790 / 1320);
    expect(Math.abs(mean(end(h)) - e.idle.airC)).toBeLessThan(3);
  });

  it('amps held stay as they are; volts held push more into a cooled wire', () => {
    const amps = all.find((x) => x.hold === 'amps')!;
    expect(Math.max(...amps.amps) - Math.min(...amps.amps)).toBeLessThan(1e-9);
    const cool = evaluate({
      ...steel,
      foam: { ...steel.foam, densityKgM3: 38 },
      cut: { ...steel.cut, feedMmS: 4 },
    });
    const volts = historyOf(cool, 'volts')!;
    expect(volts.amps[volts.amps.length - 1]!).toBeGreaterThan(cool.idle.amps);
  });

  it('a cold rig has none', () => {
    expect(histories({ ...steel, control: { ...steel.control, setting: 1 } })).toEqual([]);
  });
});

describe('what holds the heat', () => {
  it('amps keep the heat of each metre when wire, volts, draught or width change; volts do not', () => {
    const a = compareControlModes(steel)!;
    const by = Object.fromEntries(a.ways.map((w) => [w.way, w]));
    expect(by['amps']!.worst).toBeLessThan(1e-9);
    // Heat goes as volts squared: a tenth less is a fifth less heat, and the window with it.
    expect(by['volts']!.drift.sag).toBeCloseTo(0.81 - 1, 1);
    expect(by['ohms']!.drift.sag).toBeCloseTo(0, 6);
    expect(a.best).toBe('amps');
    expect(a.kelvinAPercent).toBeCloseTo(13.6, 0);
  });

  it('says that nickel-chromium cannot be held by its ohms', () => {
    expect(compareControlModes(testRig({}))!.kelvinAPercent).toBeNull();
  });
});

describe('a battery through a session', () => {
  const rig = testRig({
    supply: {
      kind: 'battery',
      volts: 12,
      maxAmps: 40,
      battery: { chemistry: 'lead-acid', cells: 6, ampHours: 40, charge: 1 },
    },
    control: { kind: 'none', setting: null },
    wire: { diameterMm: 0.51, lengthMm: 700 },
    foam: { widthMm: 400 },
    cut: { feedMmS: 6 },
  });
  it('lasts the minutes of the reading, falling all the way', () => {
    const s = sessionOf(rig)!;
    expect(s.minutes[s.minutes.length - 1]).toBeCloseTo(evaluate(rig).battery!.minutes!, 6);
    for (let i = 1; i < s.minutes.length; i++) {
      expect(s.minutes[i]!).toBeGreaterThan(s.minutes[i - 1]!);
      expect(s.fastest[i]!).toBeLessThan(s.fastest[i - 1]!);
    }
    expect(s.tooWeakAt === null || s.tooWeakAt > 0).toBe(true);
  });
  it('is nothing for a supply from the wall', () => {
    expect(sessionOf(testRig({}))).toBeNull();
  });
});

describe('a dial without a meter', () => {
  const dimmer = (marks: { mark: number; volts?: number; amps?: number }[]) =>
    testRig({ control: { kind: 'pwm', setting: 0.3, marks: marks as never } });

  it('turns marks into settings and back, straight between them', () => {
    const curve = markCurve(
      dimmer([
        { mark: 2, volts: 10 },
        { mark: 8, volts: 20 },
      ]),
    )!;
    expect(settingOfMark(curve, 2)!).toBeCloseTo((10 / 60) ** 2, 2);
    const mid = settingOfMark(curve, 5)!;
    expect(markOf(curve, mid)).toBeCloseTo(5, 9);
  });

  it('refuses what lies outside the marks, and one mark gives no curve', () => {
    const curve = markCurve(
      dimmer([
        { mark: 2, amps: 1.5 },
        { mark: 8, amps: 2.6 },
      ]),
    )!;
    expect(settingOfMark(curve, 9)).toBeNull();
    expect(markOf(curve, 0.9)).toBeNull();
    expect(markCurve(dimmer([{ mark: 2, amps: 1.5 }]))).toBeNull();
    expect(markCurve(dimmer([]))).toBeNull();
  });

  it('a reading that falls back is pooled with its neighbour', () => {
    expect(risingBy([1, 3, 2, 4])).toEqual([1, 2.5, 2.5, 4]);
    expect(risingBy([3, 2, 1])).toEqual([2, 2, 2]);
    const curve = markCurve(
      dimmer([
        { mark: 1, volts: 8 },
        { mark: 2, volts: 12 },
        { mark: 3, volts: 11 },
      ]),
    )!;
    expect(curve.settings[2]).toBe(curve.settings[1]);
  });
});
