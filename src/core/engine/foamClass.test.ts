import { describe, expect, it } from 'vitest';
import { densityOfStrength, densityOfType, strengthAt, TYPES } from './foamClass';

describe('a foam by its strength class', () => {
  it('types of ASTM C578 have their minimum density and strength (table of the standard, from memory)', () => {
    const table = {
      eps: { I: [15, 69], II: [22, 104], IX: [29, 173] },
      xps: { X: [21, 104], IV: [25, 173], VI: [29, 276], V: [48, 690] },
    } as const;
    for (const foam of ['eps', 'xps'] as const)
      for (const [type, [density, kPa]] of Object.entries(table[foam])) {
        expect(densityOfType(foam, type)!.low).toBe(density);
        expect(strengthAt(foam, density)).toBeCloseTo(kPa, 6);
      }
    expect(densityOfType('xps', 'II')).toBeNull();
  });
  it('a strength in kPa gives the density that has it, and back', () => {
    for (const foam of ['eps', 'xps'] as const)
      for (const kPa of [110, 150, 200, 300, 400]) {
        const d = densityOfStrength(foam, kPa)!;
        expect(strengthAt(foam, d.low)).toBeCloseTo(kPa, 6);
        expect(d.high).toBeGreaterThan(d.densityKgM3);
      }
    expect(densityOfStrength('xps', 50)).toBeNull();
    expect(densityOfStrength('eps', 5000)).toBeNull();
  });
  it('stands between its neighbours in order', () => {
    const all = Object.keys(TYPES.eps).map((t) => densityOfType('eps', t)!.low);
    expect(all).toEqual([...all].sort((a, b) => a - b));
  });
});
