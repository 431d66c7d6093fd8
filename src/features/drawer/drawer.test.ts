import { stockLimits } from './fields';
import { describe, expect, it } from 'vitest';
import type { Spool } from '@/state/types';
import { COLUMNS, sorted } from './columns';
import { candidates, ohmsAMetre, type Measured } from '../../core/engine/drawer/identify';
import { readQuick } from './quick';

describe('one line of what somebody has', () => {
  it.each([
    ['Ni-Cr 26 awg 12 m', 'spools', { alloy: 'nicr-80', metres: 12 }],
    ['stainless locking wire 0.635 mm', 'spools', { alloy: 'ss-304', diameterMm: 0.635, metres: null }],
    ['hard stainless 16 thou, 30 ft', 'spools', { alloy: 'ss-304-hard', diameterMm: 0.4064, metres: 9.144 }],
    ['leader 0,4 mm 11 m', 'spools', { alloy: 'ss-304-hard', diameterMm: 0.4, metres: 11 }],
    ['XPS 33 kg/m3', 'foams', { kind: 'xps', densityKgM3: 33, origin: 'label' }],
    ['eps board', 'foams', { kind: 'eps', densityKgM3: 20, origin: 'assumed' }],
    ['leads 1.5 mm2 3 m', 'leads', { areaMm2: 1.5, lengthMm: 3000 }],
  ] as const)('%s', (line, kind, item) => {
    expect(readQuick(line)).toMatchObject({ ok: true, kind, item });
  });

  it.each([
    ['brick 19 V 3.4 A', { kind: 'brick', volts: 19, maxAmps: 3.4 }],
    ['laptop supply 20V', { kind: 'brick', volts: 20, maxAmps: null }],
    ['transformer 24 V 80 VA', { kind: 'transformer', volts: 24, ratedVA: 80, current: 'ac' }],
    ['lead battery 12 V 7 Ah', { kind: 'battery', volts: 12, battery: { cells: 6, ampHours: 7 } }],
    ['computer supply 12 V 15 A', { kind: 'computer-supply', maxAmps: 15 }],
  ] as const)('%s is power', (line, supply) => {
    expect(readQuick(line)).toMatchObject({ ok: true, kind: 'supplies', item: { supply } });
  });

  it('a dimmer by its amps is a control', () => {
    const read = readQuick('pulse dimmer 8 A');
    expect(read).toMatchObject({
      ok: true,
      kind: 'controls',
      item: { control: { kind: 'pwm', ratedAmps: 8 } },
    });
    expect(readQuick('buck converter 5 A 100 steps')).toMatchObject({
      item: { control: { kind: 'buck', steps: 100 } },
    });
  });

  it.each([
    ['', ''],
    ['a shoe', 'by name'],
    ['ni-cr, some', 'its gauge'],
    ['ni-cr 900 mm', '0.02 to 5 mm'],
    ['brick', 'its voltage'],
    ['brick 900 V', 'up to 500'],
    ['leads, red', 'cross-section'],
    ['leads 1 mm2', 'length'],
  ])('“%s” is not guessed: it says what it wants', (line, wants) => {
    const read = readQuick(line);
    expect(read.ok).toBe(false);
    if (!read.ok) expect(read.wants).toContain(wants);
  });
});

describe('an unknown wire', () => {
  const blank: Measured = {
    lengthMm: 1000,
    ohm: null,
    probesOhm: 0,
    turnsMm: null,
    breakN: null,
    strands: 1,
    airC: 20,
  };
  it('ohms of a metre name the gauge; ten turns tell which alloy', () => {
    // 24 gauge Ni-Cr 80: 1.08 µΩ·m over 0.2047 mm² is 5.27 Ω/m.
    const found = candidates({ ...blank, ohm: 5.27, turnsMm: 5.1 });
    expect(found[0]).toMatchObject({ alloy: 'nicr-80', gauge: 24 });
    expect(candidates({ ...blank, ohm: 5.27 }).length).toBeGreaterThan(found.length);
  });
  it('takes the probes off, and is nothing where they read more', () => {
    expect(ohmsAMetre({ ...blank, ohm: 5.5, probesOhm: 0.2, lengthMm: 2000 })).toBeCloseTo(2.65, 9);
    expect(ohmsAMetre({ ...blank, ohm: 0.1, probesOhm: 0.2 })).toBeNull();
    expect(ohmsAMetre(blank)).toBeNull();
    expect(candidates(blank)).toEqual([]);
  });
  it('practice 20: by its breaking load, to be confirmed by ohms', () => {
    const found = candidates({ ...blank, breakN: 392, strands: 7 });
    expect(found.find((c) => c.alloy === 'ss-304-hard')!.diameterMm).toBeCloseTo(0.175, 2);
    expect(found.every((c) => c.off === null && c.by === 'load')).toBe(true);
    const ohm = found.find((c) => c.alloy === 'ss-304-hard')!.ohmPerM;
    expect(candidates({ ...blank, breakN: 392, strands: 7, ohm })[0]!.alloy).toBe('ss-304-hard');
  });
});

describe('a sorted list', () => {
  const spool = (name: string, metres: number | null): Spool => ({
    id: name,
    name,
    alloy: 'nicr-80',
    diameterMm: 0.4,
    strands: 1,
    metres,
    ohmPerM: null,
    pricePerM: null,
    note: '',
    demo: false,
  });
  const items = [spool('b', 3), spool('a', null), spool('c', 11)];
  const left = COLUMNS.spools.find((c) => c.head === 'left')!;
  const names = (down: boolean) => sorted(items, left, down).map((s) => s.name);
  it('goes up and down, what is not known last either way', () => {
    expect(names(false)).toEqual(['b', 'c', 'a']);
    expect(names(true)).toEqual(['c', 'b', 'a']);
    expect(sorted(items, null, false).map((s) => s.name)).toEqual(['a', 'b', 'c']);
  });
});

describe('the bounds of the drawer’s fields', () => {
  it.each([
    ['controls', 'control.frequencyHz'],
    ['controls', 'control.ratedAmps'],
    ['controls', 'control.ratedWatts'],
    ['controls', 'control.steps'],
    ['foams', 'piece.pieces'],
    ['foams', 'piece.price'],
    ['foams', 'piece.sheetMm.lengthMm'],
    ['foams', 'piece.sheetMm.widthMm'],
    ['leads', 'contactOhm'],
    ['leads', 'lengthMm'],
    ['spools', 'diameterMm'],
    ['spools', 'metres'],
    ['spools', 'ohmPerM'],
    ['spools', 'pricePerM'],
    ['supplies', 'price'],
    ['supplies', 'supply.battery.ampHours'],
    ['supplies', 'supply.battery.cells'],
    ['supplies', 'supply.battery.charge'],
    ['supplies', 'supply.maxAmps'],
    ['supplies', 'supply.ratedVA'],
    ['supplies', 'supply.volts'],
  ] as const)('%s, %s: are those of its list’s schema', (kind, path) => {
    const { least, most } = stockLimits(kind, path);
    expect(least).toBeGreaterThanOrEqual(0);
    expect(most).toBeGreaterThan(least);
  });
  it('a slip in a path is told at once, not taken for no bounds', () => {
    expect(() => stockLimits('leads', 'areaMM2')).toThrow(/areaMM2/);
  });
});
