import { describe, expect, it } from 'vitest';
import { PLAIN_WEIGHTS } from '@/core/documents/drawer';
import { match } from '@/core/engine/match/match';
import type { SupplyStock, Stock } from '@/state/types';
import workshop from '@/db/workshop.json';
import { controlsOf, drawerOf, suits, type Job } from '@/features/match/drawerOf';

const withIds = (list: readonly object[]) => list.map((item, i) => ({ id: `${i}`, demo: true, ...item }));
const stock = Object.fromEntries(
  Object.entries(workshop.stock).map(([kind, list]) => [kind, withIds(list)]),
) as unknown as Stock;
const job: Job = {
  frame: 'bow',
  foamStockId: null,
  foam: { kind: 'xps', densityKgM3: 33, widthMm: 640, heightMm: null, tuning: 1, tuningSd: 0.35 },
  feedMmS: 2.6,
  reserve: null,
  leadId: stock.leads[0]!.id,
  lengthsMm: null,
};

describe('the drawer as a document', () => {
  it('is legal, with every spool and supply, and something of it works', () => {
    const read = drawerOf(stock, job, PLAIN_WEIGHTS);
    expect(read.ok).toBe(true);
    if (!read.ok) return;
    expect(read.drawer.wires.map((w) => w.name)).toEqual(stock.spools.map((s) => s.name));
    expect(read.drawer.leads.areaMm2).toBe(1.31);
    const m = match(read.drawer);
    expect(m.pairs.length).toBeGreaterThan(10);
    expect(m.refused.length).toBeGreaterThan(10);
    const known = m.pairs.find((p) => p.wire === 'Nickel-chromium 25 gauge')!;
    expect(known.rig.wire.measuredOhm! / known.lengthMm).toBeCloseTo(0.00658, 5);
    const bought = m.pairs.find((p) => p.supply === 'Brick 24 V 10 A')!;
    expect(bought.buy).toContainEqual({ what: 'supply', name: 'Brick 24 V 10 A', metres: null, cost: 28 });
  });

  it('names what is wrong where it is not', () => {
    const read = drawerOf(stock, { ...job, lengthsMm: [0] }, PLAIN_WEIGHTS);
    expect(read.ok).toBe(false);
    if (!read.ok) expect(read.faults[0]!.path).toBe('lengthsMm[0]');
  });
});

describe('which control goes with which supply', () => {
  const of = (name: string): SupplyStock => stock.supplies.find((s) => s.name === name)!;
  const kinds = (name: string) => controlsOf(of(name), stock.controls).map((c) => c.kind);
  it('a bench supply has both knobs; a brick a length, a clip, and what pulses or converts', () => {
    expect(kinds('Bench supply 32 V')).toEqual(['volts', 'amps']);
    expect(kinds('Brick 15 V 5 A')).toEqual(['none', 'clip', 'pwm', 'buck']);
  });
  it('pulses and converters want direct current, dimmers and variacs a transformer', () => {
    const transformer = of('Transformer 24 V, tap at 12').supply;
    expect(['pwm', 'buck'].some((k) => suits(k as 'pwm', transformer))).toBe(false);
    expect(['phase', 'scale'].every((k) => suits(k as 'phase', transformer))).toBe(true);
    expect(suits('scale', of('Brick 15 V 5 A').supply)).toBe(false);
  });
});
