import { describe, expect, it } from 'vitest';
import type { Rig } from '../documents/rig';
import { solve } from './solve';
import { testRig } from './testRigs';

/** Model figures within 5 % of what a bench reports. Source of every case: common practice, no source. */
const near = (x: number | null | undefined, want: number, share = 0.05) =>
  expect(Math.abs(x! / want - 1), `${x} against ${want}`).toBeLessThan(share);
const between = (x: number, lo: number, hi: number) => {
  expect(x).toBeGreaterThanOrEqual(lo * 0.95);
  expect(x).toBeLessThanOrEqual(hi * 1.05);
};
const volts = (setting: number) => ({ control: { kind: 'volts' as const, setting } });

describe('what benches report', () => {
  const battery = (lengthMm: number) =>
    solve(
      testRig({
        wire: { diameterMm: 0.51054, lengthMm },
        supply: { kind: 'battery', volts: 12.6, maxAmps: null },
        control: { kind: 'none', setting: null },
        foam: { widthMm: 0.6 * lengthMm },
      }),
    );

  it('24 AWG on one battery: slow at 36 in, brisk at 24 in, a short end melts', () => {
    near(battery(914.4).cutting!.fastestFeedMmS, 6);
    near(battery(609.6).cutting!.fastestFeedMmS, 16);
    const end = battery(152);
    near(end.idle!.wireC, 1610);
    expect(end.findings.map((f) => f.code)).toContain('wire-melts');
  });

  it('0.635 mm stainless of 1.32 m runs well on 16–17 V; 1.8–1.9 m wants 23 V', () => {
    const at = (setting: number, lengthMm: number) =>
      solve(
        testRig({
          wire: { alloy: 'ss-304', diameterMm: 0.635, lengthMm },
          ...volts(setting),
          foam: { widthMm: 0.6 * lengthMm },
        }),
      );
    near(at(16, 1320).idle!.amps, 4.1);
    near(at(17, 1320).idle!.amps, 4.3);
    near(at(16, 1320).idle!.wireC, 323);
    near(at(17, 1320).idle!.wireC, 347);
    for (const length of [1800, 1900]) between(at(23, length).idle!.wireC!, 323, 347);
  });

  it('0.889 mm stainless of 1.2 m at 5–6 A: an inch in four seconds inside the foam, led at a third of that', () => {
    const at = (setting: number) =>
      solve(
        testRig({
          wire: { alloy: 'ss-304', diameterMm: 0.889, lengthMm: 1200 },
          supply: { volts: 12, maxAmps: 6 },
          control: { kind: 'amps', setting },
          foam: { densityKgM3: 16, widthMm: 720 },
        }),
      );
    between(at(5).cutting!.fastestFeedMmS!, 4, 6.6);
    between(at(6).cutting!.fastestFeedMmS!, 4, 6.6);
    expect(at(5).cutting!.fastestFeedMmS!).toBeLessThan(25.4 / 4);
    expect(at(6).cutting!.fastestFeedMmS!).toBeGreaterThan(25.4 / 6);
    const third = solve(
      testRig({
        wire: { alloy: 'ss-304', diameterMm: 0.889, lengthMm: 1200 },
        supply: { volts: 12, maxAmps: 12 },
        control: { kind: 'amps', setting: 6 },
        foam: { densityKgM3: 16, widthMm: 720 },
        cut: { feedMmS: 2.1 },
      }),
    );
    expect(third.findings.map((f) => f.code)).not.toContain('melt-back');
  });

  it('from 12 to 19 V is 2.5 times the heat; four times the density is a quarter of the feed', () => {
    const at = (setting: number, densityKgM3: number) => {
      const r = solve(
        testRig({
          wire: { diameterMm: 0.32109, lengthMm: 420 },
          ...volts(setting),
          foam: { densityKgM3, widthMm: 252 },
        }),
      );
      return { feed: r.cutting!.fastestFeedMmS!, heat: r.idle!.wattsPerM! };
    };
    near(at(19, 64).heat / at(12, 64).heat, 2.5);
    near(at(12, 64).feed / at(12, 16).feed, 0.25, 1e-9);
    near(at(19, 64).feed / at(12, 16).feed, 0.69);
  });

  it('twice the wire needs twice the volts for the same amps and the same heat per length', () => {
    const at = (setting: number, lengthMm: number) =>
      solve(
        testRig({
          wire: { lengthMm },
          ...volts(setting),
          foam: { widthMm: 0.6 * lengthMm },
          leads: { lengthMm: 0, contactOhm: 0 },
        }),
      ).idle!;
    near(at(28, 2000).amps, at(14, 1000).amps!, 1e-6);
    near(at(28, 2000).wattsPerM, at(14, 1000).wattsPerM!, 1e-6);
  });

  it('a hand-led core loses about a millimetre a side when slow and hot', () => {
    const rig = testRig({ cut: { feedMmS: null } });
    const slowest = solve(rig).cutting!.slowestFeedMmS!;
    const slow = solve(testRig({ cut: { feedMmS: slowest } }));
    near((slow.cutting!.kerfMm! - rig.wire.diameterMm) / 2, 1, 0.3);
  });

  it('0.254 mm of 230 mm upright on a quarter of 20.5 V cuts bead foam of 16 kg/m³ easily', () => {
    const r = solve(
      testRig({
        wire: { diameterMm: 0.254, lengthMm: 230, lie: 'vertical' },
        ...volts(20.5 / 4),
        foam: { densityKgM3: 16, widthMm: 100 },
      }),
    );
    near(r.idle!.amps, 1.02);
    near(r.idle!.wireC, 260);
    near(r.cutting!.fastestFeedMmS, 7.7);
  });

  it('50 Ω/m in the 1.45 alloy, 150 mm on 12 V, glows and raises fume-limit', () => {
    const r = solve(
      testRig({
        wire: { alloy: 'fecral-145', diameterMm: 0.1922, lengthMm: 150 },
        ...volts(12),
        foam: { widthMm: 90 },
        cut: { feedMmS: 20 },
      }),
    );
    near(r.idle!.wireC, 830);
    expect(r.findings.map((f) => f.code)).toContain('fume-limit');
  });

  it('0.305 mm superalloy cuts EPP at about half the feed of EPS of equal density', () => {
    const at = (kind: Rig['foam']['kind']) =>
      solve(
        testRig({
          wire: { alloy: 'n07041', diameterMm: 0.305, lengthMm: 1100 },
          ...volts(24),
          foam: { kind, widthMm: 660 },
        }),
      ).cutting!.fastestFeedMmS!;
    near(at('epp'), 3.1);
    near(at('eps'), 6.6);
  });

  it('a leader bow wants a supply of 5 A; 3 A is too little', () => {
    const at = (maxAmps: number) =>
      solve(
        testRig({
          wire: { alloy: 'ss-304-hard', diameterMm: 0.406, lengthMm: 1000 },
          supply: { kind: 'brick', volts: 18.6, maxAmps },
          control: { kind: 'none', setting: null },
          foam: { widthMm: 600 },
        }),
      );
    near(at(5).idle!.amps, 2.5);
    near(18.6 / (at(5).cold.wireOhm! + 0.035), 3.3);
    expect(at(5).supply.holds).toBe(true);
    expect(at(3).supply.holds).toBe(false);
    expect(at(3).findings.map((f) => f.code)).toContain('supply-overload');
    expect(at(3).idle).toBeNull();
  });
});
