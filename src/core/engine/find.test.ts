import { describe, expect, it } from 'vitest';
import { evaluate } from './evaluate';
import { findIt, type Loose } from './find';
import { merge } from './merge';
import { testRig } from './testRigs';

type Parts = Parameters<typeof testRig>[0];
const steel: Parts = {
  wire: { alloy: 'ss-304', diameterMm: 0.635, lengthMm: 1320 },
  control: { setting: 16.5 },
  foam: { widthMm: 790 },
  cut: { feedMmS: 3 },
};
const after = (parts: Parts, what: Loose) => {
  const rig = testRig(parts);
  const found = findIt(rig, what);
  if (!found.ok) throw new Error(found.why);
  return evaluate(merge(rig, found.patch));
};

describe('Find setting', () => {
  it.each(['setting', 'length', 'gauge'] as const)('%s: the feed then keeps just the reserve', (what) => {
    expect(Math.abs(after(steel, what).reserve! - 0.5)).toBeLessThan(0.02);
  });

  it.each(['volts', 'amps', 'pwm', 'phase', 'scale', 'buck', 'hold-ohm'] as const)(
    'a dial of %s is found',
    (kind) => {
      const setting = { volts: 16, amps: 3, pwm: 0.3, phase: 90, scale: 0.5, buck: 12, 'hold-ohm': 4 }[kind];
      const supply = { kind: 'bench', volts: 30, maxAmps: 30 } as const;
      expect(
        Math.abs(after({ ...steel, supply, control: { kind, setting } }, 'setting').reserve! - 0.5),
      ).toBeLessThan(0.02);
    },
  );

  it('feed: as the reserve has it; reserve: as the feed leaves it', () => {
    expect(after({ ...steel, cut: { feedMmS: null } }, 'feed').reserve).toBeCloseTo(0.5, 1);
    const e = after(steel, 'reserve');
    expect(e.s.reserve).toBeCloseTo(3 / (e.window.fastest!.feed * 1000), 2);
  });

  it('a clip is slid, not the wire cut', () => {
    const found = findIt(
      testRig({ ...steel, control: { kind: 'clip', setting: 1320 }, supply: { volts: 13 } }),
      'setting',
    );
    expect(found).toMatchObject({ ok: true, patch: { control: {} } });
  });

  it.each([
    ['setting', { ...steel, cut: { feedMmS: null } }, 'no-feed'],
    ['setting', { ...steel, control: { kind: 'none', setting: null } }, 'no-dial'],
    ['setting', { ...steel, supply: { kind: 'bench', volts: 6, maxAmps: 9 } }, 'out-of-reach'],
    ['length', { ...steel, control: { kind: 'amps', setting: 4 } }, 'no-matter'],
    ['length', { ...steel, wire: { ...(steel.wire as object), measuredOhm: 3.1 } }, 'measured'],
    ['gauge', { ...steel, cut: { feedMmS: 900 }, control: { setting: 2 } }, 'out-of-reach'],
    ['feed', { ...steel, control: { setting: 1 } }, 'no-window'],
    ['reserve', { ...steel, cut: { feedMmS: 0.2 } }, 'out-of-reach'],
  ] as const)('%s is not found, and it says why', (what, parts, why) => {
    expect(findIt(testRig(parts as Parts), what)).toMatchObject({ ok: false, why });
  });
});
