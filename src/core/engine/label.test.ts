import { describe, expect, it } from 'vitest';
import { RAIL_VA, railAmps, RAILS } from '../catalog/computerSupply';
import { supplySchema } from '../documents/supply';
import { insideFromSag, turnsFor, windingArea } from '../physics/circuit/winding';
import { leastOhmOf, readClaim } from './label';
import { solve } from './solve';
import { testRig } from './testRigs';

const brick = supplySchema.parse({ kind: 'brick', volts: 15, maxAmps: 5 });

describe('what a label means', () => {
  it('15 V 5 A with “at most 3 Ω” is caught and turned round: three ohms is the least', () => {
    expect(readClaim(brick, { says: 'at-most', ohm: 3 })).toEqual({
      leastOhm: 3,
      verdict: 'turned',
      right: { says: 'at-least', ohm: 3 },
    });
  });
  it('the least itself is right, more is right, less is too low', () => {
    const of = (ohm: number) => readClaim(brick, { says: 'at-least', ohm }).verdict;
    expect([of(3), of(2.99), of(4.5), of(2)]).toEqual(['right', 'right', 'right', 'low']);
  });
  it('without a limit nothing can be said; a transformer has its VA', () => {
    const unknown = supplySchema.parse({ kind: 'charger', volts: 12, maxAmps: null });
    expect(readClaim(unknown, { says: 'at-least', ohm: 2 })).toMatchObject({ verdict: 'unknown', right: null });
    const transformer = supplySchema.parse({
      kind: 'transformer',
      volts: 24,
      maxAmps: null,
      ratedVA: 80,
      current: 'ac',
    });
    expect(leastOhmOf(transformer)).toBeCloseTo(24 / (80 / 30), 9);
  });
  it('is the very limit that a rig is held against', () => {
    expect(solve(testRig({ supply: { kind: 'brick', volts: 15, maxAmps: 5 } })).supply.leastOhm).toBe(
      leastOhmOf(brick),
    );
  });
  it('a computer supply gives no more than 240 VA an output', () => {
    expect(railAmps(12, 35)).toBe(20);
    expect(railAmps(5, 20)).toBe(20);
    for (const rail of RAILS) expect(railAmps(rail.volts, 500) * rail.volts).toBeCloseTo(RAIL_VA, 9);
  });
  it('ten test turns that read 1.6 V: 150 turns for 24 V, in 1 mm² for 3 A', () => {
    expect(turnsFor(24, 1.6)).toBe(150);
    expect(windingArea(3)).toBe(1);
    expect(insideFromSag(12.7, 12.2, 2.5)).toBeCloseTo(0.2, 9);
    expect(insideFromSag(12, 12.1, 2)).toBe(0);
  });
  it('pulses at 10 % on half an ohm from that brick are refused for their peaks', () => {
    const r = solve(
      testRig({
        supply: { kind: 'brick', volts: 15, maxAmps: 5 },
        control: { kind: 'pwm', setting: 0.1 },
        wire: { alloy: 'nicr-80', diameterMm: 0.635, lengthMm: 147, measuredOhm: 0.5 },
        foam: { widthMm: 80 },
      }),
    );
    expect(r.cold.wireOhm).toBeCloseTo(0.5, 6);
    const stop = r.findings[0]!;
    expect(stop.level).toBe('stop');
    expect(stop.code).toBe('pulse-peak-overload');
    expect(stop.values['amps']).toBeGreaterThan(25);
  });
});
