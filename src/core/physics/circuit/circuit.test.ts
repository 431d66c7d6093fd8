import { averagedAmps, ripple } from './pulses';
import { switchFor } from './switch';
import { describe, expect, it } from 'vitest';
import { batteryMinutes } from './batteryMinutes';
import { insideOhm, openVolts } from './battery';
import { cordAmps, cordFor } from './cord';
import { BLADE_FUSES, fuseFor, GLASS_FUSES } from './fuse';
import { lampResistor } from './lamp';
import { leadOhm } from './leads';
import { touchLimit } from './touch';

describe('leads', () => {
  it('copper of 1.31 mm², 3 m has 0.0395 Ω (IACS 1.724e-8)', () =>
    expect(leadOhm(3, 1.31e-6)).toBeCloseTo(0.03948, 5));
  // NEC table 400.5, three-conductor column; 22 and 20 gauge common practice.
  it.each([
    [0.326, 3],
    [0.519, 5],
    [0.823, 7],
    [1.31, 10],
    [2.08, 15],
    [3.31, 20],
    [1.0, 7],
    [2.0, 10],
  ])('%f mm² carries %i A', (area, amps) => expect(cordAmps(area)).toBe(amps));
  it('5 A in 22 gauge is too much; 20 gauge carries it', () => {
    expect(cordAmps(0.326)).toBeLessThan(5);
    expect(cordFor(5)).toBe(0.519);
    expect(cordFor(40)).toBeNull();
  });
  it('a thread carries in proportion', () => expect(cordAmps(0.163)).toBeCloseTo(1.5, 9));
});

describe('fuses', () => {
  it('the next value of 1.25 × the running amps, no more than the lead carries', () => {
    expect(fuseFor(2.57, 10, false)).toBe(4);
    expect(fuseFor(2.57, 3, false)).toBeNull();
    expect(fuseFor(2.57, 10, true)).toBe(4);
    expect(fuseFor(5, 10, true)).toBe(7.5);
    expect(fuseFor(30, 20, false)).toBeNull();
  });
  it('series rise', () => {
    for (const list of [GLASS_FUSES, BLADE_FUSES]) expect([...list].sort((a, b) => a - b)).toEqual(list);
  });
});

describe('batteries', () => {
  it('7 Ah of lead, 12.7 → 11.8 V, 0.05 Ω, 4.98 Ω: 117 min (worked value)', () => {
    const amps = (12.7 + 11.8) / 2 / (4.98 + 0.05);
    expect(batteryMinutes('lead-acid', 7, 1, amps)).toBeCloseTo(117, 0);
  });
  it('lithium gives its amp-hours', () =>
    expect(batteryMinutes('lithium-polymer', 5, 0.5, 5)).toBeCloseTo(30, 9));
  it('open volts run straight from full to stop', () => {
    expect(openVolts('lead-acid', 6, 1)).toBeCloseTo(12.72, 9);
    expect(openVolts('lead-acid', 6, 0)).toBeCloseTo(11.82, 9);
    expect(openVolts('lithium-polymer', 4, 0.5)).toBeCloseTo(15.4, 9);
  });
  it('a lead battery of 7 Ah has 0.025 Ω inside; bigger ones less', () => {
    expect(insideOhm('lead-acid', 6, 7)).toBeCloseTo(0.025, 9);
    expect(insideOhm('lead-acid', 6, 70)).toBeCloseTo(0.0025, 9);
    expect(insideOhm('alkaline', 4, 2)).toBeCloseTo(0.8, 9);
    expect(insideOhm('nickel-metal', 6, 2)).toBeCloseTo(0.18, 9);
    expect(insideOhm('lithium-iron', 4, 5)).toBeCloseTo(0.02, 9);
  });
});

describe('small things', () => {
  it('an indicator lamp: 19 V, 2 V, 10 mA → 1.8 kΩ; 5 V → 330 Ω (worked value; common practice)', () => {
    expect(lampResistor(19, 2, 0.01).ohm).toBeCloseTo(1800, 6);
    expect(lampResistor(5, 2, 0.01).ohm).toBeCloseTo(330, 6);
    expect(lampResistor(19, 2, 0.01).watts).toBeCloseTo(0.36, 9);
  });
  it('volts that may stand on a bare wire (IEC 62368-1, ES1)', () =>
    expect([touchLimit('dc'), touchLimit('ac')]).toEqual([60, 30]));
});

describe('pulses', () => {
  it('a meter that averages reads √D of what heats', () => {
    expect(averagedAmps(15, 3, 0.25)).toBe(1.25);
    expect((Math.sqrt(0.25) * 15) / 3).toBe(2.5);
  });
  it('the swing is the heat of the pause over what the wire holds', () => {
    // 40 W/m, a pause of half of a millisecond, 0.6 J/(m·K).
    expect(ripple(40, 0.5, 0.6, 1000)).toBeCloseTo((40 * 0.0005) / 0.6, 12);
    expect(ripple(40, 1, 0.6, 1000)).toBe(0);
  });
  it('switches are half as strong again as what runs', () => {
    expect([switchFor(2), switchFor(4.1), switchFor(30)]).toEqual([3, 10, null]);
  });
});
