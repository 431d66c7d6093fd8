import { describe, expect, it } from 'vitest';
import type { FindingCode, Level } from '../documents/reading';
import type { Rig } from '../documents/rig';
import { solve } from './solve';
import { testRig } from './testRigs';

type Parts = Parameters<typeof testRig>[0];
const bench = { kind: 'bench', volts: 32, maxAmps: 6 } as const;
const blade: Parts = {
  foam: { kind: 'xps', densityKgM3: 33, widthMm: 640 },
  supply: bench,
  cut: { feedMmS: 2.9 },
};
const codes = (rig: Rig) => solve(rig).findings.map((f) => f.code);
const levelOf = (rig: Rig, code: FindingCode) => solve(rig).findings.find((f) => f.code === code)?.level;

const CASES: [FindingCode, Level, string, Parts][] = [
  ['supply-overload', 'stop', 'a short thick wire on a brick', { supply: { kind: 'brick', volts: 15, maxAmps: 5 }, control: { kind: 'none', setting: null }, wire: { alloy: 'ss-304', diameterMm: 0.635, lengthMm: 380 }, foam: { widthMm: 220 } }],
  ['pulse-peak-overload', 'stop', 'pulses at 10 % on half an ohm', { supply: { kind: 'brick', volts: 15, maxAmps: 5 }, control: { kind: 'pwm', setting: 0.01 }, wire: { alloy: 'ss-304', diameterMm: 0.635, lengthMm: 220 }, foam: { widthMm: 120 } }],
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
]; // prettier-ignore

describe('findings', () => {
  it.each(CASES)('%s (%s): %s', (code, level, _, parts) => {
    const rig = testRig(parts);
    expect(codes(rig)).toContain(code);
    expect(levelOf(rig, code)).toBe(level);
    const finding = solve(rig).findings.find((f) => f.code === code)!;
    expect(finding.text.length).toBeGreaterThan(15);
    expect(finding.text).not.toMatch(/undefined|NaN|null/);
  });

  it('a good rig has only the note of what is not worked out yet', () => {
    expect(codes(testRig(blade))).toEqual(['outside-model']);
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
      'touch-voltage',
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
    expect(r.findings.map((f) => f.code)).toEqual(['supply-overload', 'outside-model']);
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

describe('parts not built yet', () => {
  it('are null, and a note names them', () => {
    const r = solve(testRig(blade));
    expect(r.tension.hotN).toBeNull();
    expect(r.cutting!.lagMm).toBeNull();
    expect(r.findings.at(-1)!.values['part']).toBe('tension, lag');
  });
  it('a control that is not reckoned yet gives no readings', () => {
    const r = solve(testRig({ ...blade, control: { kind: 'hold-ohm', setting: 7 } }));
    expect(r.idle).toBeNull();
    expect(r.findings.at(-1)!.values['part']).toContain('control hold-ohm');
  });
});
