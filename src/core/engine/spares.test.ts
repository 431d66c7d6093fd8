import { readingOf } from '../edge/readingOf';
import { describe, expect, it } from 'vitest';
import { drawerControlSchema } from '../documents/drawer';
import { rigSchema } from '../documents/rig';
import { supplySchema } from '../documents/supply';
import { merge } from './merge';
import { solve } from './solve';
import type { Spares } from './spares';
import { testRig } from './testRigs';

const DRAWER: Spares = {
  supplies: [
    { name: 'Bench supply 32 V', supply: supplySchema.parse({ kind: 'bench', volts: 32, maxAmps: 6 }), controls: [drawerControlSchema.parse({ kind: 'volts' })], have: true, price: null },
    { name: 'Brick 15 V', supply: supplySchema.parse({ kind: 'brick', volts: 15, maxAmps: 5 }), controls: [drawerControlSchema.parse({ kind: 'none' })], have: true, price: null },
  ],
  wires: [{ name: 'Spool 28', wire: { alloy: 'nicr-80', diameterMm: 0.321, strands: 1, measuredOhmPerM: null }, metres: 10, pricePerM: null }],
}; // prettier-ignore

const cold = testRig({
  wire: { diameterMm: 0.455, lengthMm: 1300 },
  supply: { kind: 'brick', volts: 5, maxAmps: 5 },
  control: { kind: 'none', setting: null },
  foam: { kind: 'xps', densityKgM3: 40, widthMm: 600 },
  tension: { setN: 20 },
});

describe('fixes out of the drawer', () => {
  it('name what they take, come before a shorter wire, and are proven like all others', () => {
    const finding = readingOf(cold, DRAWER).findings.find((f) => f.code === 'wire-too-cold')!;
    const first = finding.fixes[0]!;
    expect(first.uses).toBe('Bench supply 32 V');
    expect(first.text).toMatch(/^Take Bench supply 32 V: (set|hold) /);
    const there = solve(rigSchema.parse(merge(cold, first.patch)));
    expect(there.findings.map((f) => f.code)).not.toContain('wire-too-cold');
    expect(there.findings.filter((f) => f.level === 'stop')).toEqual([]);
  });

  it('without a drawer nothing is named that nobody has', () => {
    for (const f of solve(cold).findings) for (const fix of f.fixes) expect(fix.uses).toBeUndefined();
  });

  it('a brick of 12 V on too long a wire: shorter wire is the way out, the feed let go', () => {
    const brick = testRig({
      wire: { diameterMm: 0.4, lengthMm: 1300 },
      supply: { kind: 'brick', volts: 12, maxAmps: 5 },
      control: { kind: 'none', setting: null },
      foam: { kind: 'xps', densityKgM3: 40, widthMm: 600 },
      tension: { setN: 20 },
    });
    const worst = solve(brick).findings.find((f) =>
      ['wire-too-cold', 'heat-marginal', 'cannot-start'].includes(f.code),
    )!;
    expect(worst.fixes.length).toBeGreaterThan(0);
    const mm = (worst.fixes[0]!.patch as { wire: { lengthMm: number } }).wire.lengthMm;
    expect(mm).toBeLessThan(1300);
    expect(mm).toBeGreaterThan(630);
  });
});
