import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { asTyped } from './format';
import { parseQuantity } from './parse';
import { PROFILES, ROLES, unitFor, type Profile, type Role } from './profile';

const ROLE_IDS = Object.keys(ROLES) as Role[];
const figures = (value: number, role: Role, profile: Profile) => asTyped(value, role, profile).figures;

describe('digits that a maker would write', () => {
  it.each([
    // What it is worth | role | profile | as written. 900 mm, 33 kg/m³ and a converted gauge are the cases of TERMS.
    [900, 'wireLength', 'inch', '35.4'],
    [1200, 'wireLength', 'inch', '47.2'],
    [33, 'density', 'inch', '2.06'],
    [20, 'density', 'inch', '1.25'],
    [0.3210936, 'wireDiameter', 'metric', '0.321'],
    [32.036926, 'density', 'metric', '32'],
    [5.5, 'feed', 'inch', '0.217'],
    [45, 'force', 'inch', '10.1'],
    [1234.567891, 'wireLength', 'metric', '1235'],
    [12345.67891, 'leadLength', 'metric', '12346'],
    [0.455, 'wireDiameter', 'metric', '0.455'],
    [889, 'wireLength', 'inch', '35'],
    [900.1125, 'wireLength', 'inch', '35.4375'],
    [19.05, 'foamSize', 'trade', '0.75'],
  ] as const)('%f as %s in %s is %s', (value, role, profile, written) => {
    expect(figures(value, role, profile)).toBe(written);
  });

  it('what somebody types comes back as typed, in its own unit, whatever the profile', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...ROLE_IDS.filter((r) => r !== 'wireDiameter')),
        fc.constantFrom(...PROFILES),
        fc.integer({ min: 1, max: 99999 }),
        fc.integer({ min: 0, max: 3 }),
        (role, profile, whole, decimals) => {
          const typed = String(whole / 10 ** decimals);
          const read = parseQuantity(typed, role, profile);
          expect(read.ok).toBe(true);
          if (read.ok) expect(Number(figures(read.value, role, profile))).toBe(Number(typed));
        },
      ),
    );
  });

  it('what was converted is right to three figures and never loses what stands before the point', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...ROLE_IDS.filter((r) => r !== 'wireDiameter' && r !== 'temperature')),
        fc.constantFrom(...PROFILES),
        fc.double({ min: 1e-3, max: 1e5, noNaN: true }),
        (role, profile, value) => {
          const x = unitFor(role, profile).fromBase(value);
          const shown = Number(figures(value, role, profile));
          expect(Math.abs(shown / x - 1)).toBeLessThan(0.0051);
          if (x >= 1000) expect(Math.abs(shown - x)).toBeLessThanOrEqual(0.5 + 1e-9);
        },
      ),
    );
  });

  it('a unit of the same size adds no digits', () => {
    for (const role of ROLE_IDS)
      for (const value of [0.5, 1, 2.25, 40, 900])
        if (role !== 'wireDiameter' && unitFor(role, 'metric').fromBase(value) === value)
          expect(figures(value, role, 'metric')).toBe(String(value));
  });
});
