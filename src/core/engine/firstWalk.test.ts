import { readingOf } from '../edge/readingOf';
import { describe, expect, it } from 'vitest';
import { rigSchema } from '../documents/rig';
import { solve } from './solve';
import { windowOf } from './window';
import { setUp } from './setup';
import { OperatingPointSolver } from './states';

/** The rig of the first walk, with groups of it replaced. */
const rigB = (more: Record<string, Record<string, unknown>> = {}) => {
  const base: Record<string, unknown> = {
    format: 'upwind-rod/rig',
    version: 1,
    name: 'b',
    frame: { kind: 'bow' },
    wire: { alloy: 'nicr-80', diameterMm: 0.4, lengthMm: 900 },
    supply: { kind: 'bench', volts: 30, maxAmps: 6 },
    control: { kind: 'volts', setting: 14 },
    foam: { kind: 'eps', densityKgM3: 20, widthMm: 500 },
  };
  for (const [key, part] of Object.entries(more)) base[key] = { ...(base[key] as object | undefined), ...part };
  return rigSchema.parse(base);
};
const codes = (rig: ReturnType<typeof rigB>) => solve(rig).findings.map((f) => f.code);

describe('what the first walk found', () => {
  it('soft steel on 12 V never has more than 12 V on it, nor settles backwards', () => {
    const r = solve(
      rigB({
        room: { draughtMS: 1.36 },
        wire: { alloy: 'steel-soft', diameterMm: 0.2, lengthMm: 520 },
        supply: { kind: 'other', volts: 12, maxAmps: 8 },
        control: { kind: 'none', setting: null },
        foam: { densityKgM3: 15, widthMm: 390 },
      }),
    );
    expect(r.cutting!.wireVolts!).toBeLessThanOrEqual(12);
    expect(r.idle!.wireVolts!).toBeLessThanOrEqual(12);
    expect(r.time?.settleMm ?? 0).toBeGreaterThanOrEqual(0);
  });

  it('a wire that hardly reaches the foam’s heat is not ready', () => {
    for (const setting of [10.5, 10.55, 10.6])
      expect(
        codes(rigB({ control: { setting } })).some((c) =>
          ['wire-too-cold', 'heat-marginal', 'cannot-start'].includes(c),
        ),
        `${setting}`,
      ).toBe(true);
    expect(codes(rigB({ control: { setting: 15 } }))).not.toContain('heat-marginal');
  });

  it('melt-back and fume are two edges: where the fume edge begins, melt-back goes on without a step', () => {
    const at = (setting: number) => windowOf(new OperatingPointSolver(setUp(rigB({ control: { setting } }))));
    const [before, after] = [at(18.15), at(18.3)];
    expect(before.fume).toBeNull();
    expect(after.fume!.feed).toBeGreaterThan(after.meltBack!.feed);
    expect(after.meltBack!.feed / before.meltBack!.feed - 1).toBeLessThan(0.05);
  });

  it('a wire held at both ends with 90 N gets no fix that breaks it', () => {
    const r = solve(rigB({ tension: { kind: 'fixed', setN: 90 } }));
    for (const f of r.findings)
      for (const fix of f.fixes) {
        const setN = (fix.patch['tension'] as { setN?: number } | undefined)?.setN;
        if (setN !== undefined) expect(setN, `${f.code}: ${JSON.stringify(fix.patch)}`).toBeLessThanOrEqual(90);
      }
  });

  it('what is held has no range', () => {
    const held = solve(rigB({ control: { kind: 'amps', setting: 2 } }));
    expect(held.spread!.amps).toEqual([2, 2]);
  });

  it('a supply within 3 % over its rating is a fix whose first way out is the dial', () => {
    const load = solve(rigB({ control: { setting: 18 } })).supply.load!;
    const r = solve(rigB({ control: { setting: 18 }, supply: { maxAmps: (load * 6) / 1.02 } }));
    const found = r.findings.find((f) => f.code === 'supply-overload')!;
    expect(found.level).toBe('fix');
    expect(found.fixes[0]!.patch).toHaveProperty('control.setting');
  });

  it('a wire nobody tensioned is no stop, and asks for the tension', () => {
    for (const setting of [10, 14, 20, 26]) {
      const r = readingOf(rigB({ control: { setting } }));
      expect(r.findings.map((f) => f.code)).not.toContain('wire-overstressed');
      for (const f of r.findings.filter((x) => x.code === 'wire-stress-high'))
        expect(f.text).toContain('Enter the tension');
    }
  });
});
