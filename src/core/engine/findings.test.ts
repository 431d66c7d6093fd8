import { readingOf } from '../edge/readingOf';
import { describe, expect, it } from 'vitest';
import type { FindingCode, Level } from '../documents/reading';
import type { Rig } from '../documents/rig';
import { rigSchema } from '../documents/rig';
import { solve } from './solve';
import { testRig } from './testRigs';

type Parts = Parameters<typeof testRig>[0];
const bench = { kind: 'bench', volts: 32, maxAmps: 6 } as const;
const blade: Parts = {
  leads: { areaMm2: 1.31, switchA: 10, fuseA: 4 },

  foam: { kind: 'xps', densityKgM3: 33, widthMm: 640 },
  supply: bench,
  cut: { feedMmS: 2.9 },
};
const codes = (rig: Rig) => solve(rig).findings.map((f) => f.code);
const levelOf = (rig: Rig, code: FindingCode) => solve(rig).findings.find((f) => f.code === code)?.level;

const CASES: [FindingCode, Level, string, Parts][] = [
  ['supply-overload', 'stop', 'a short thick wire on a brick', { supply: { kind: 'brick', volts: 15, maxAmps: 5 }, control: { kind: 'none', setting: null }, wire: { alloy: 'ss-304', diameterMm: 0.635, lengthMm: 380 }, foam: { widthMm: 220 } }],
  ['pulse-peak-overload', 'stop', 'pulses at 10 % on half an ohm', { supply: { kind: 'brick', volts: 15, maxAmps: 5 }, control: { kind: 'pwm', setting: 0.1 }, wire: { alloy: 'ss-304', diameterMm: 0.635, lengthMm: 220, measuredOhm: 0.5 }, foam: { widthMm: 120 } }],
  ['touch-voltage', 'stop', '120 V dc on the wire', { supply: { volts: 200, maxAmps: 10 }, control: { setting: 120 }, wire: { lengthMm: 6000 }, foam: { widthMm: 1000 } }],
  ['mains-direct', 'stop', 'a dimmer straight off the mains', { supply: { kind: 'other', volts: 230, maxAmps: 10, current: 'ac', isolated: false }, control: { kind: 'phase', setting: 150 } }],
  ['not-isolated', 'fix', 'an unmarked transformer', { supply: { kind: 'transformer', volts: 24, maxAmps: 5, current: 'ac' }, control: { kind: 'scale', setting: 0.7 } }],
  ['foam-refused', 'stop', 'PVC', { foam: { kind: 'pvc', densityKgM3: 60 } }],
  ['foam-caution', 'note', 'EVA', { foam: { kind: 'eva', densityKgM3: 60 } }],
  ['wire-melts', 'stop', 'a short end on a battery', { supply: { kind: 'battery', volts: 12.6, maxAmps: null }, control: { kind: 'none', setting: null }, wire: { diameterMm: 0.51, lengthMm: 152 }, foam: { widthMm: 90 } }],
  ['wire-too-hot', 'stop', 'leader over 450 °C', { wire: { alloy: 'ss-304-hard', diameterMm: 0.4, lengthMm: 500 }, control: { setting: 14 }, foam: { widthMm: 300 } }],
  ['foam-wider-than-wire', 'stop', 'a metre of foam on a short wire', { foam: { widthMm: 1200 } }],
  ['wire-short', 'fix', 'hardly any room at the ends', { foam: { widthMm: 1040 } }],
  ['supply-near-limit', 'fix', 'at nine tenths', { ...blade, supply: { kind: 'bench', volts: 32, maxAmps: 2.85 } }],
  ['supply-limit-unknown', 'fix', 'nobody knows the amps', { ...blade, supply: { kind: 'bench', volts: 32, maxAmps: null } }],
  ['supply-volts-short', 'fix', 'four amps from six volts', { ...blade, supply: { kind: 'bench', volts: 6, maxAmps: 6 }, control: { kind: 'amps', setting: 4 } }],
  ['wire-too-cold', 'fix', 'two volts', { ...blade, control: { setting: 2 } }],
  ['feed-too-fast', 'fix', 'over the fastest', { ...blade, cut: { feedMmS: 7 } }],
  ['feed-near-limit', 'note', 'just under the fastest', { ...blade, cut: { feedMmS: 5.7 } }],
  ['melt-back', 'fix', 'a crawl', { ...blade, cut: { feedMmS: 0.3 } }],
  ['fume-limit', 'fix', 'slow and hot', { wire: { alloy: 'fecral-145', diameterMm: 0.19, lengthMm: 150 }, control: { setting: 12 }, foam: { widthMm: 90 }, cut: { feedMmS: 20 } }],
  ['heat-too-high', 'fix', 'white hot thin wire', { wire: { diameterMm: 0.25, lengthMm: 400 }, control: { setting: 24 }, foam: { widthMm: 200 } }],
  ['wide-slot', 'note', 'slow', { ...blade, cut: { feedMmS: 1.2 } }],
  ['smokes-at-entry', 'note', 'idling over the fume limit', { ...blade, control: { setting: 21 } }],
  ['outside-model', 'note', 'a density off the table', { ...blade, foam: { kind: 'xps', densityKgM3: 80, widthMm: 640 } }],
  ['lead-overheats', 'stop', '5 A in 22 gauge lead', { ...blade, wire: { diameterMm: 0.8, lengthMm: 1050 }, leads: { areaMm2: 0.326, switchA: 10, fuseA: 4 }, control: { kind: 'amps', setting: 5 } }],
  ['metal-frame-live', 'stop', 'a bare metal bow', { ...blade, frame: { kind: 'bow', material: 'metal' } }],
  ['frame-too-shallow', 'stop', 'a high block in a low bow', { ...blade, frame: { kind: 'bow', throatMm: 150 }, foam: { kind: 'xps', densityKgM3: 33, widthMm: 640, heightMm: 120 } }],
  ['control-overload', 'stop', 'a dimmer of 2 A at 4.6 A', { ...blade, control: { kind: 'pwm', setting: 0.3, ratedAmps: 2 } }],
  ['control-limit-unknown', 'fix', 'nobody knows the dimmer', { ...blade, control: { kind: 'pwm', setting: 0.3 } }],
  ['lead-loss-high', 'fix', 'thin long leads', { ...blade, leads: { areaMm2: 0.5, lengthMm: 20000, switchA: 10, fuseA: 4 } }],
  ['contact-loss-high', 'fix', 'half an ohm of rust', { ...blade, leads: { areaMm2: 1.31, contactOhm: 0.6, switchA: 10, fuseA: 4 } }],
  ['no-fuse', 'fix', 'a battery without a fuse', { ...blade, supply: { kind: 'battery', volts: 12, maxAmps: 20 }, control: { kind: 'none', setting: null }, leads: { areaMm2: 1.31, switchA: 10 } }],
  ['no-switch', 'fix', 'a plug for a switch', { ...blade, leads: { areaMm2: 1.31, fuseA: 4 } }],
  ['spring-in-circuit', 'fix', 'a spring that carries the current', { ...blade, tension: { kind: 'spring', carriesCurrent: true } }],
  ['wire-overstressed', 'stop', '120 N on 0.455 mm', { ...blade, tension: { kind: 'spring', setN: 120 } }],
  ['wire-stress-high', 'fix', '80 N on 0.455 mm', { ...blade, tension: { kind: 'spring', setN: 80 } }],
  ['takes-a-set', 'note', '67 N on stainless, hot', { wire: { alloy: 'ss-304', diameterMm: 0.635, lengthMm: 1320 }, control: { setting: 16 }, foam: { widthMm: 790 }, tension: { kind: 'spring', setN: 67, setWhen: 'hot' } }],
  ['wire-goes-slack', 'fix', 'fixed ends, little pull', { ...blade, tension: { kind: 'fixed', setN: 30 } }],
  ['spring-past-safe-load', 'fix', 'a spring good for 30 N', { ...blade, tension: { kind: 'spring', setN: 45, springMaxN: 30 } }],
  ['take-up-short', 'fix', 'two millimetres left', { ...blade, tension: { kind: 'spring', travelMm: 2 } }],
  ['lag-high', 'fix', 'fast on a loose wire', { ...blade, tension: { kind: 'spring', setN: 12 }, cut: { feedMmS: 5.5 } }],
  ['bar-near-buckling', 'fix', 'a lath for a bar', { ...blade, frame: { kind: 'bow', arms: { wireArmMm: 200, tieArmMm: 200, barMm: 1000, barI_mm4: 700 } } }],
  ['outside-model', 'note', 'superalloy past its strengths', { wire: { alloy: 'n07041', diameterMm: 0.3, lengthMm: 500 }, control: { setting: 28.5 }, foam: { widthMm: 300 }, cut: { feedMmS: 30 } }],
  ['hold-ohm-flat', 'fix', 'ohms held on nickel-chromium', { ...blade, control: { kind: 'hold-ohm', setting: 7.3 } }],
  ['battery-short', 'fix', 'a small pack', { ...blade, supply: { kind: 'battery', volts: 18, maxAmps: 20, battery: { chemistry: 'lithium-polymer', cells: 5, ampHours: 0.4 } }, control: { kind: 'none', setting: null } }],
  ['battery-weak', 'fix', 'small alkaline cells', { wire: { diameterMm: 0.3, lengthMm: 150 }, supply: { kind: 'battery', volts: 9, maxAmps: 5, battery: { chemistry: 'alkaline', cells: 6, ampHours: 2 } }, control: { kind: 'none', setting: null }, foam: { widthMm: 80 } }],
  ['charge-fade', 'note', 'a lithium pack from full to stop', { ...blade, supply: { kind: 'battery', volts: 18, maxAmps: 20, battery: { chemistry: 'lithium-polymer', cells: 5, ampHours: 5 } }, control: { kind: 'none', setting: null } }],
  ['pulse-too-slow', 'fix', 'one pulse a second', { ...blade, control: { kind: 'pwm', setting: 0.3, frequencyHz: 1, ratedAmps: 10 } }],
  ['dial-too-coarse', 'fix', 'ten settings in all', { ...blade, control: { kind: 'volts', setting: 18.5, steps: 10 } }],
]; // prettier-ignore

describe('findings', () => {
  it.each(CASES)('%s (%s): %s', (code, level, _, parts) => {
    const rig = testRig(parts);
    expect(codes(rig)).toContain(code);
    expect(levelOf(rig, code)).toBe(level);
    const finding = readingOf(rig).findings.find((f) => f.code === code)!;
    expect(finding.text.length).toBeGreaterThan(15);
    expect(finding.text).not.toMatch(/undefined|NaN|null/);
  });

  it('of a good rig say nothing', () => {
    expect(codes(testRig(blade))).toEqual([]);
  });

  it('puts the worst first', () => {
    const levels = solve(
      testRig({ foam: { kind: 'pvc', widthMm: 1200 }, supply: { kind: 'bench', volts: 32, maxAmps: null } }),
    ).findings.map((f) => f.level);
    expect(levels).toEqual(
      [...levels].sort((a, b) => ['stop', 'fix', 'note'].indexOf(a) - ['stop', 'fix', 'note'].indexOf(b)),
    );
  });

  it('offers a fix for everyday findings', () => {
    const wanting: FindingCode[] = [
      'supply-overload',
      'wire-too-hot',
      'wire-too-cold',
      'feed-too-fast',
      'melt-back',
      'heat-too-high',
      'foam-wider-than-wire',
      'supply-volts-short',
    ];
    for (const [code, , , parts] of CASES.filter(([c]) => wanting.includes(c))) {
      const finding = solve(testRig(parts)).findings.find((f) => f.code === code)!;
      expect(finding.fixes.length, code).toBeGreaterThan(0);
    }
  });

  it('offers none where no number of the rig could cure it', () => {
    for (const kind of ['pvc', 'unknown', 'pur'] as const) {
      expect(solve(testRig({ foam: { kind } })).findings.find((f) => f.code === 'foam-refused')!.fixes).toEqual(
        [],
      );
    }
  });
});

describe('an overloaded supply', () => {
  const thick: Parts = { wire: { alloy: 'ss-304', diameterMm: 0.635, lengthMm: 600 }, foam: { widthMm: 300 } };
  it('a bench supply holds its limit, and readings are given at that current', () => {
    const r = solve(
      testRig({
        ...thick,
        supply: { kind: 'bench', volts: 30, maxAmps: 5 },
        control: { kind: 'volts', setting: 20 },
      }),
    );
    expect(r.supply.load!).toBeGreaterThan(1);
    expect(r.idle!.amps).toBeCloseTo(5, 6);
  });
  it('a brick shuts off: nothing hot is said', () => {
    const r = solve(
      testRig({
        ...thick,
        supply: { kind: 'brick', volts: 20, maxAmps: 3.25 },
        control: { kind: 'none', setting: null },
      }),
    );
    expect([r.idle, r.cutting, r.time, r.spread]).toEqual([null, null, null, null]);
    expect(r.findings.map((f) => f.code)).toEqual(['supply-overload', 'no-switch']);
  });
  it('a transformer goes on', () => {
    const r = solve(
      testRig({
        ...thick,
        supply: { kind: 'transformer', volts: 24, maxAmps: 3, current: 'ac' },
        control: { kind: 'none', setting: null },
      }),
    );
    expect(r.supply.holds).toBe(false);
    expect(r.idle!.amps!).toBeGreaterThan(3);
  });
  it('takes its limit from the rated VA where no amps are given', () => {
    const r = solve(
      testRig({
        ...thick,
        supply: { kind: 'transformer', volts: 24, maxAmps: null, current: 'ac', ratedVA: 60 },
        control: { kind: 'scale', setting: 0.1 },
      }),
    );
    expect(r.supply.leastOhm).toBeCloseTo(24 / (60 / (1.25 * 24)), 9);
  });
});

describe('controls', () => {
  const { idle: volts } = solve(testRig({ ...blade, control: { kind: 'volts', setting: 18.5 } }));
  it('a buck converter drives like volts held, and draws its watts from the supply', () => {
    const r = solve(testRig({ ...blade, control: { kind: 'buck', setting: 18.5 } }));
    expect(r.idle!.amps).toBeCloseTo(volts!.amps!, 6);
    const out = 18.5 * r.cutting!.amps!;
    expect(r.supply.load!).toBeGreaterThan(out / 0.9 / 32 / 6 - 1e-9);
    expect(r.supply.load!).toBeLessThan((18.5 * r.cutting!.amps!) / 0.9 / 32 / 6 + 0.01);
  });
  it('a buck converter gives at least a volt less than it gets', () => {
    const most = solve(testRig({ ...blade, control: { kind: 'buck', setting: 40 } })).idle!;
    expect(most.amps! * most.wireOhm! + most.amps! * 0.0495).toBeLessThan(31.01);
  });
  it('a sliding clip stands for a shorter wire: a hundredth less length is two hundredths more heat', () => {
    const battery = {
      supply: { kind: 'battery', volts: 12.6, maxAmps: null },
      leads: { lengthMm: 0, contactOhm: 0 },
      foam: { widthMm: 400 },
    } as const;
    const heat = (setting: number) =>
      solve(testRig({ ...battery, control: { kind: 'clip', setting } })).idle!.wattsPerM!;
    expect((heat(792) / heat(800) - 1) / 0.01).toBeCloseTo(2, 1);
    const cut = solve(
      testRig({ ...battery, wire: { lengthMm: 800 }, control: { kind: 'none', setting: null } }),
    ).idle!.wattsPerM!;
    expect(heat(800)).toBeCloseTo(cut, 6);
  });
});

describe('a battery', () => {
  it('gives its minutes, and its max feed full and at the stop', () => {
    const rig = testRig({
      ...blade,
      supply: {
        kind: 'battery',
        volts: 12,
        maxAmps: 20,
        battery: { chemistry: 'lead-acid', cells: 6, ampHours: 40, charge: 1 },
      },
      control: { kind: 'none', setting: null },
      wire: { diameterMm: 0.455, lengthMm: 760 },
    });
    const { battery } = solve(rig);
    expect(battery!.fastestFeedMmS[0]!).toBeGreaterThan(battery!.fastestFeedMmS[1]!);
    expect(battery!.minutes!).toBeGreaterThan(300);
    expect(solve(testRig(blade)).battery).toBeNull();
  });
});

describe('resistance held', () => {
  it('a flat alloy is pointed to volts, a stainless wire is held', () => {
    const flat = solve(testRig({ ...blade, control: { kind: 'hold-ohm', setting: 7.3 } }));
    const finding = flat.findings.find((f) => f.code === 'hold-ohm-flat')!;
    expect(finding.level).toBe('fix');
    expect(finding.fixes[0]!.patch).toHaveProperty('control.kind', 'volts');
    const steel = { alloy: 'ss-304', diameterMm: 0.455, lengthMm: 1050 } as const;
    expect(
      codes(testRig({ ...blade, wire: steel, control: { kind: 'hold-ohm', setting: 6.2 } })),
    ).not.toContain('hold-ohm-flat');
  });

  it('an owner may accept the catalogue’s limits of a wire, with a reason that is shown; shock, fire, fume and overload never', () => {
    const hot = {
      wire: { alloy: 'ss-304-hard' },
      supply: { volts: 60, maxAmps: 30 },
      control: { setting: 26 },
      tension: { setN: 20 },
    } as const;
    expect(solve(testRig(hot)).findings.find((f) => f.code === 'wire-too-hot')?.level).toBe('stop');
    const own = readingOf(
      testRig({ ...hot, accepted: [{ code: 'wire-too-hot', reason: 'ran it all summer' }] } as never),
    );
    const told = own.findings.find((f) => f.code === 'wire-too-hot')!;
    expect(told.level).toBe('note');
    expect(told.text).toContain('ran it all summer');
    for (const code of [
      'supply-overload',
      'mains-direct',
      'fume-limit',
      'metal-frame-live',
      'foam-refused',
      'lead-overheats',
    ])
      expect(
        rigSchema.safeParse({ ...testRig(), accepted: [{ code, reason: 'no matter' }] }).success,
        code,
      ).toBe(false);
    expect(
      rigSchema.safeParse({ ...testRig(), accepted: [{ code: 'wire-too-hot', reason: ' ' }] }).success,
    ).toBe(false);
  });
});
