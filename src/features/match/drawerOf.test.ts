import { describe, expect, it } from 'vitest';
import { PLAIN_WEIGHTS } from '@/core/documents/drawer';
import { foamSchema } from '@/core/documents/rig';
import { supplySchema, type Supply } from '@/core/documents/supply';
import type { ControlStock, Stock, SupplyStock } from '@/state/types';
import { controlsOf, drawerOf, suits, type Job } from './drawerOf';

const supply = (over: Partial<Supply>, control: SupplyStock['control'] = 'none'): SupplyStock => ({
  ...{ id: 's', name: 'a supply', have: true, price: null, note: '', demo: false, control },
  supply: supplySchema.parse({ kind: 'brick', volts: 19, maxAmps: 3.4, ...over }),
});
const loose = (kind: ControlStock['control']['kind'], ratedAmps: number | null = 5): ControlStock => ({
  ...{ id: kind, name: `my ${kind}`, have: true, price: 7, note: '', demo: false },
  control: {
    kind,
    frequencyHz: 800,
    efficiency: 0.9,
    steps: null,
    ratedAmps,
    ratedVolts: null,
    ratedWatts: null,
  },
});
const kinds = (s: SupplyStock, all: ControlStock[] = []) => controlsOf(s, all).map((c) => c.kind);

describe('the controls that are tried with a supply', () => {
  it('a bench supply has its own two knobs and nothing behind them', () => {
    expect(kinds(supply({ kind: 'bench' }), [loose('pwm'), loose('phase')])).toEqual(['volts', 'amps']);
  });

  it('a brick runs as it is, with a clip, or with what chops direct current', () => {
    expect(kinds(supply({}))).toEqual(['none', 'clip']);
    expect(kinds(supply({}), [loose('pwm'), loose('buck'), loose('phase')])).toEqual([
      'none',
      'clip',
      'pwm',
      'buck',
    ]);
  });

  it('a transformer takes a dimmer ahead of it or a variac, never a chopper', () => {
    const transformer = supply({ kind: 'transformer', volts: 24, current: 'ac' });
    expect(kinds(transformer, [loose('pwm'), loose('phase'), loose('scale')])).toEqual([
      'none',
      'clip',
      'phase',
      'scale',
    ]);
    expect(suits('phase', supply({ kind: 'other', volts: 230, current: 'ac' }).supply)).toBe(false);
  });

  it('a loose dimmer is the one that belongs to the supply: it is tried once, with its rating', () => {
    const own = controlsOf(supply({}, 'pwm'), [loose('pwm', 6)]);
    expect(own.filter((c) => c.kind === 'pwm')).toHaveLength(1);
    expect(own.find((c) => c.kind === 'pwm')).toMatchObject({ name: 'my pwm', ratedAmps: 6, price: 7 });
    expect(controlsOf(supply({}, 'pwm'), []).find((c) => c.kind === 'pwm')).toMatchObject({ ratedAmps: null });
  });
});

describe('the drawer as a document', () => {
  const job: Job = {
    frame: 'bow',
    foamStockId: null,
    foam: foamSchema.parse({ kind: 'xps', densityKgM3: 33, widthMm: 600 }),
    feedMmS: 4,
    reserve: null,
    leadId: null,
    lengthsMm: null,
  };
  const spool: Stock['spools'][number] = {
    ...{ id: 'w', name: 'a spool', diameterMm: 0.4, metres: 9, alloy: 'nicr-80' as const, strands: 1 as const },
    ...{ ohmPerM: null, pricePerM: null, note: '', demo: false },
  };
  const lead = {
    id: 'l',
    name: 'a lead',
    areaMm2: 2.1,
    lengthMm: 1500,
    contactOhm: 0.02,
    note: '',
    demo: false,
  };
  const stock: Stock = { foams: [], spools: [spool], supplies: [supply({})], controls: [], leads: [lead] };
  const made = (over: Partial<Job>, has: Partial<Stock> = {}) =>
    drawerOf({ ...stock, ...has }, { ...job, ...over }, PLAIN_WEIGHTS);

  it('a job that no cutter could do is refused by its field, not thrown', () => {
    const refused = made({ feedMmS: -1 });
    expect(refused.ok).toBe(false);
    if (!refused.ok) expect(refused.faults.map((f) => f.path)).toContain('job.cut.feedMmS');
  });

  it('all that lies in it goes in, with the lead that was chosen and the lengths that were asked for', () => {
    const whole = made({ leadId: 'l', lengthsMm: [800, 1000] });
    if (!whole.ok) throw new Error(JSON.stringify(whole.faults));
    expect(whole.drawer.wires).toHaveLength(1);
    expect(whole.drawer.wires[0]).toMatchObject({ name: 'a spool', metres: 9 });
    expect(whole.drawer.supplies[0]!.controls.map((c) => c.kind)).toEqual(['none', 'clip']);
    expect(whole.drawer.leads).toMatchObject({ areaMm2: 2.1, lengthMm: 1500 });
    expect(whole.drawer.lengthsMm).toEqual([800, 1000]);
    expect(whole.drawer.job).toMatchObject({ frame: { kind: 'bow' }, cut: { feedMmS: 4 } });
  });

  it('an empty drawer is a document all the same: the page says what is lacking', () => {
    const empty = made({}, { spools: [], supplies: [], leads: [] });
    expect(empty.ok && empty.drawer.wires.length + empty.drawer.supplies.length).toBe(0);
  });
});
