import Qty from 'js-quantities';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { rangeText, significant, text } from './format';
import { parseQuantity } from './parse';
import { PROFILES, ROLES, unitFor, type Role } from './profile';
import { unitOf } from './unit';

const read = (typed: string, role: Role, profile: 'metric' | 'inch' | 'trade' = 'metric') => {
  const parsed = parseQuantity(typed, role, profile);
  return parsed.ok ? parsed.value : parsed.rule;
};

describe('what a person types', () => {
  it.each([
    ['24 awg', 'wireDiameter', 0.51054, 1e-4],
    ['0.025 in', 'wireDiameter', 0.635, 1e-9],
    ['1 lb/ft3', 'density', 16.018, 1e-3],
    ["3'", 'wireLength', 914.4, 1e-9],
    ['1/8"', 'foamSize', 3.175, 1e-9],
    [`3' 6"`, 'wireLength', 1066.8, 1e-9],
    ['3 ft 6', 'wireLength', 1066.8, 1e-9],
    ['1 1/8 in', 'foamSize', 28.575, 1e-9],
    ['12,5', 'volts', 12.5, 1e-12],
    ['.455', 'wireDiameter', 0.455, 1e-12],
    ['25 thou', 'wireDiameter', 0.635, 1e-9],
    ['1.2 m', 'wireLength', 1200, 1e-9],
    ['68 °F', 'temperature', 20, 1e-9],
    ['50 %', 'share', 0.5, 1e-12],
    ['−5', 'temperature', -5, 1e-12],
  ] as const)('%s as %s', (typed, role, want, tol) => {
    expect(Math.abs((read(typed, role) as number) - want)).toBeLessThanOrEqual(tol);
  });

  it.each(['', '   ', 'abc', '1.2.3', '12 parsecs', '1/0', '--3', '4 V'])('refuses %j with a rule', (typed) => {
    expect(read(typed, 'wireLength')).toBeTypeOf('string');
  });

  it('takes a bare number in the profile’s own unit', () => {
    expect(read('24', 'wireDiameter', 'inch')).toBeCloseTo(0.51054, 4);
    expect(read('12', 'foamSize', 'trade')).toBeCloseTo(304.8, 9);
    expect(read('33', 'density', 'trade')).toBe(33);
  });

  it('reads back every number it shows, in every role and profile, to the figures shown', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...(Object.keys(ROLES) as Role[])),
        fc.constantFrom(...PROFILES),
        fc.double({ min: 0.05, max: 4000, noNaN: true }),
        (role, profile, value) => {
          if (role === 'wireDiameter' && (value > 5 || profile !== 'metric')) return;
          const back = read(text(value, role, profile), role, profile);
          const unit = unitFor(role, profile);
          const a = unit.fromBase(value);
          const b = unit.fromBase(back as number);
          const coarse =
            role === 'temperature' || role === 'share'
              ? Math.max(0.5, Math.abs(a) * 0.005)
              : Math.abs(a) * 0.0051;
          expect(Math.abs(a - b)).toBeLessThanOrEqual(coarse);
        },
      ),
    );
  });
});

describe('units against js-quantities', () => {
  it.each([
    ['in', 'in', 'mm'],
    ['ft', 'ft', 'mm'],
    ['lb/ft3', 'lb/ft3', 'kg/m3'],
    ['lbf', 'lbf', 'N'],
    ['ft/s', 'ft/s', 'm/s'],
    ['lbf*ft', 'lbf*ft', 'N*m'],
  ])('%s', (id, qty, base) => {
    const want = Qty(`3.7 ${qty}`).to(base).scalar;
    expect(Math.abs(unitOf(id).toBase(3.7) / want - 1)).toBeLessThan(2e-7); // its pound-force is rounded to seven figures
  });
});

describe('what is shown', () => {
  it.each([
    [0.455, '0.455'],
    [18.5, '18.5'],
    [1050, '1050'],
    [12345, '12300'],
    [9.999, '10.0'],
    [0, '0'],
  ])('%f with three figures is %s', (x, want) => expect(significant(x)).toBe(want));

  it('names a wire by its gauge or in thousandths in the trade’s way', () => {
    expect(text(0.5106, 'wireDiameter', 'inch')).toBe('24\u00a0AWG');
    expect(text(0.635, 'wireDiameter', 'trade')).toBe('25.0\u00a0thou');
  });

  it('writes a range with its unit once', () => {
    expect(rangeText([4.17, 8.46], 'feed', 'metric')).toBe('4.17–8.46\u00a0mm/s');
  });
});
