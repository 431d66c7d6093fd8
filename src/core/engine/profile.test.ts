import { describe, expect, it } from 'vitest';
import { evaluate } from './evaluate';
import { profileOf, warmingProfiles, type Profile } from './profile';
import { testRig } from './testRigs';
import { timesOf } from './times';

type Parts = Parameters<typeof testRig>[0];
/** Rigs of every sort: thick stainless, thin nickel-chromium, upright, in a draught, a hot short end, warm clamps. */
const RIGS: [string, Parts][] = [
  ['blade bow', { foam: { kind: 'xps', densityKgM3: 33, widthMm: 640 } }],
  ['thick stainless', { wire: { alloy: 'ss-304', diameterMm: 0.889, lengthMm: 1200 }, control: { setting: 12 } }],
  ['thin upright', { wire: { diameterMm: 0.254, lengthMm: 230, lie: 'vertical' }, control: { setting: 6 }, foam: { widthMm: 100 } }],
  ['a draught', { room: { draughtMS: 1 }, control: { setting: 26 } }],
  ['warm clamps', { wire: { clampC: 80 } }],
  ['glowing', { wire: { alloy: 'fecral-145', diameterMm: 0.19, lengthMm: 150 }, control: { setting: 12 }, foam: { widthMm: 90 } }],
]; // prettier-ignore

const at = (p: Profile, x: number) => {
  const i = p.x.findIndex((v) => v >= x);
  const a = Math.max(1, i);
  const f = (x - p.x[a - 1]!) / (p.x[a]! - p.x[a - 1]!);
  return p.tempC[a - 1]! + f * (p.tempC[a]! - p.tempC[a - 1]!);
};

describe('temperature along a rig’s wire', () => {
  it.each(RIGS)('%s: settles, and energy in is energy out to 0.1 %%, idling and cutting', (_, parts) => {
    const e = evaluate(testRig(parts));
    for (const cutting of [false, true]) {
      const p = profileOf(e, { cutting })!;
      expect(p.converged).toBe(true);
      expect(Math.abs(p.lostW / p.madeW - 1)).toBeLessThan(0.001);
      expect(p.zones.length).toBeGreaterThanOrEqual(cutting ? 100 : 36);
    }
  });

  it.each(RIGS)('%s: halving the grid changes nothing above 0.5 °C', (_, parts) => {
    const e = evaluate(testRig(parts));
    for (const cutting of [false, true]) {
      const coarse = profileOf(e, { cutting })!;
      const fine = profileOf(e, { cutting, refine: 2 })!;
      for (let i = 1; i < coarse.x.length - 1; i++)
        expect(Math.abs(at(fine, coarse.x[i]!) - coarse.tempC[i]!)).toBeLessThan(0.5);
    }
  });

  it.each(RIGS)('%s: far from its ends it is as hot as the reading says', (_, parts) => {
    const e = evaluate(testRig(parts));
    const idle = profileOf(e, { cutting: false })!;
    expect(Math.abs(idle.middleC - e.idle.airC)).toBeLessThan(0.01 * e.idle.airC);
    const cut = profileOf(e, { cutting: true })!;
    expect(Math.abs(cut.middleC - e.cut!.foamC)).toBeLessThan(0.01 * e.cut!.foamC);
  });

  it('thick metal templates chill a strip of two to four millimetres beside them', () => {
    const e = evaluate(testRig({ foam: { kind: 'xps', densityKgM3: 33, widthMm: 640 } }));
    const flowC = e.s.melt!.flowC;
    const p = profileOf(e, { cutting: true, chill: { thickness: 0.003, tempC: 40 } })!;
    expect(p.converged).toBe(true);
    const face = (e.s.length - e.s.width) / 2;
    const melts = p.x.findIndex((x, i) => x > face && p.tempC[i]! > flowC);
    const strip = (p.x[melts]! - face) * 1000;
    expect(strip).toBeGreaterThan(1.5);
    expect(strip).toBeLessThan(4.5);
  });

  it('warms to 95 % of its rise in the warm-up of the reading, within 3 %', () => {
    const e = evaluate(testRig(RIGS[0]![1]));
    const warmUp = timesOf(e)!.warmUp;
    const [half, whole] = warmingProfiles(e, [warmUp / 2, warmUp]);
    const target = 20 + 0.95 * (e.idle.airC - 20);
    expect(half!.middleC).toBeLessThan(whole!.middleC);
    expect(Math.abs((whole!.middleC - 20) / (target - 20) - 1)).toBeLessThan(0.03);
  });

  it('is nothing for a cold wire', () => {
    const e = evaluate(testRig({ control: { setting: 0 } }));
    expect(profileOf(e, { cutting: false })).toBeNull();
    expect(warmingProfiles(e, [1])).toEqual([]);
  });
});
