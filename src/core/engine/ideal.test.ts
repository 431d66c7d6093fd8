import { describe, expect, it } from 'vitest';
import { idealGauges, idealOf } from './ideal';
import { evaluate } from './evaluate';
import { testRig } from './testRigs';
import { dialStep, dialTop, fullSetting, hotterLower } from './dial';
import { setUp } from './setup';
import { merge } from './merge';

const job = testRig({ cut: { feedMmS: 3 }, foam: { kind: 'xps', densityKgM3: 33, widthMm: 640 } });
const leads = job.leads;

describe('what a cut takes', () => {
  it('practice 9: twice the wire wants twice the volts for the same amps and the same heat of each metre', () => {
    const wire = { name: 'w', alloy: 'nicr-80', diameterMm: 0.455, strands: 1 } as const;
    const bare = { ...job, leads: { ...leads, lengthMm: 0, contactOhm: 0 }, foam: { ...job.foam, widthMm: 1 } };
    const [one, two] = [700, 1400].map((mm) => idealOf(bare, wire, mm, false)!);
    expect(two!.amps).toBeCloseTo(one!.amps, 9);
    expect(two!.volts / one!.volts).toBeCloseTo(2, 2);
    expect(two!.wattsPerM / one!.wattsPerM).toBeCloseTo(1, 2);
  });

  it('gives the volts at which a rig of it keeps the reserve', () => {
    const found = idealGauges(job, 'nicr-80', 1000).find((g) => g.name === '26')!;
    const rig = merge(job, {
      wire: { diameterMm: found.diameterMm, lengthMm: 1000 },
      supply: { kind: 'bench', volts: 60, maxAmps: 30 },
      control: { kind: 'volts', setting: found.volts },
    });
    // Its volts are those at the feed itself, where the kerf leaves the wire a little cooler than at the fastest.
    expect(Math.abs(evaluate(rig).reserve! - 0.5)).toBeLessThan(0.02);
  });

  it('thick wire takes more amps and fewer volts, gauge by gauge', () => {
    const all = idealGauges(job, 'nicr-80', 1000);
    expect(all.length).toBeGreaterThan(6);
    for (let i = 1; i < all.length; i++) {
      expect(all[i]!.amps).toBeLessThan(all[i - 1]!.amps);
      expect(all[i]!.volts).toBeGreaterThan(all[i - 1]!.volts);
    }
  });

  it('is nothing for a foam that is never cut hot', () => {
    expect(
      idealGauges(testRig({ cut: { feedMmS: 3 }, foam: { kind: 'pvc', densityKgM3: 60 } }), 'nicr-80', 1000),
    ).toEqual([]);
  });
});

describe('the ends of a dial', () => {
  const of = (kind: string, setting: number | null, more: object = {}) =>
    setUp(testRig({ control: { kind: kind as 'volts', setting, ...more } }));
  it('tops and full settings are the supply’s, the clip’s and the angle’s', () => {
    expect(dialTop(of('none', null))).toBeNull();
    expect(dialTop(of('volts', 5))).toBe(60);
    expect(dialTop(of('buck', 5))).toBe(59);
    expect(dialTop(of('amps', 1))).toBe(30);
    expect(dialTop(of('clip', 900))).toBe(1050);
    expect(fullSetting(of('phase', 90))).toBe(0);
    expect(fullSetting(of('clip', 900))).toBe(630);
    expect([hotterLower('phase'), hotterLower('clip'), hotterLower('volts')]).toEqual([true, true, false]);
  });
  it('a dial of eleven settings has ten steps', () => {
    expect(dialStep(of('volts', 5, { steps: 11 }))).toBe(6);
    expect(dialStep(of('volts', 5))).toBeNull();
  });
});
