import { describe, expect, it } from 'vitest';
import { solve } from '../solve';
import { sweptRig } from '../sweepRigs';
import { testRig } from '../testRigs';

const overloaded = (parts: object) =>
  solve(testRig({ supply: { kind: 'battery', volts: 24, maxAmps: 3 }, ...parts } as never)).findings.find(
    (f) => f.code === 'supply-overload',
  );

describe('a supply with too much on it', () => {
  it.each([262, 305, 360, 409, 434])(
    'is eased by the dial though its wire is too cold as it is (swept rig %i)',
    (seed) => {
      const found = solve(sweptRig(seed)).findings;
      expect(found.map((f) => f.code)).toContain('wire-too-cold');
      const over = found.find((f) => f.code === 'supply-overload')!;
      expect(over.fixes.some((fix) => 'control' in fix.patch)).toBe(true);
    },
  );

  it('is not offered a dial that would leave a wire which cuts now too cold to cut', () => {
    const hot = overloaded({ wire: { diameterMm: 0.7, lengthMm: 900 }, control: { setting: 16 } });
    expect(hot).toBeDefined();
    for (const fix of hot!.fixes) {
      const there = solve(
        testRig({
          ...JSON.parse(
            JSON.stringify({
              supply: { kind: 'battery', volts: 24, maxAmps: 3 },
              wire: { diameterMm: 0.7, lengthMm: 900, ...(fix.patch['wire'] as object) },
              control: { setting: 16, ...(fix.patch['control'] as object) },
            }),
          ),
        } as never),
      );
      expect(there.findings.map((f) => f.code)).not.toContain('wire-too-cold');
    }
  });
});
