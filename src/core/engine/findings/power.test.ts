import { describe, expect, it } from 'vitest';
import { solve } from '../solve';
import { testRig } from '../testRigs';

const overloaded = (parts: object) =>
  solve(testRig({ supply: { kind: 'battery', volts: 24, maxAmps: 3 }, ...parts } as never)).findings.find(
    (f) => f.code === 'supply-overload',
  );

describe('a supply with too much on it', () => {
  it('is not offered a dial that would leave a wire which cuts now too cold to cut', () => {
    const hot = overloaded({ wire: { diameterMm: 0.7, lengthMm: 900 }, control: { setting: 16 } });
    expect(hot).toBeDefined();
    for (const fix of hot!.fixes) {
      const there = solve(testRig({ ...JSON.parse(JSON.stringify({ supply: { kind: 'battery', volts: 24, maxAmps: 3 }, wire: { diameterMm: 0.7, lengthMm: 900, ...(fix.patch['wire'] as object) }, control: { setting: 16, ...(fix.patch['control'] as object) } })) } as never)); // prettier-ignore
      expect(there.findings.map((f) => f.code)).not.toContain('wire-too-cold');
    }
  });
});
