import { describe, expect, it } from 'vitest';
import { holdWords } from '../words/hold';
import { METRIC_SAY } from '../words/say';
import { alongReport } from './along';
import { evaluate } from './evaluate';
import { testRig } from './testRigs';

const steel = testRig({
  wire: { alloy: 'ss-304', diameterMm: 0.635, lengthMm: 1320 },
  control: { setting: 16.5 },
  foam: { widthMm: 790 },
  cut: { feedMmS: 3 },
});

describe('the report of heat along and over time', () => {
  const report = alongReport(steel, { thickness: 0.003, tempC: 40 });
  it('has lines from clamp to clamp, the warming ones rising to the idling one', () => {
    const middle = (l: { tempC: readonly number[] }) => l.tempC[l.tempC.length >> 1]!;
    const warm = report.warming.map((w) => middle(w.line));
    for (let i = 1; i < warm.length; i++) expect(warm[i]!).toBeGreaterThan(warm[i - 1]!);
    expect(warm.at(-1)! / middle(report.idle!)).toBeGreaterThan(0.97);
    expect(report.foamMm[1] - report.foamMm[0]).toBeCloseTo(790, 6);
    expect(report.idle!.converged && report.cutting!.converged).toBe(true);
    expect(report.coldStripMm!).toBeGreaterThan(1);
    expect(report.session).toBeNull();
  });

  it('a shut-off supply has no heat to show', () => {
    const off = testRig({
      supply: { kind: 'brick', volts: 15, maxAmps: 1 },
      control: { kind: 'none', setting: null },
    });
    expect(evaluate(off).off).toBe(true);
    expect(alongReport(off, null)).toMatchObject({ idle: null, cutting: null, warming: [], advised: null });
  });

  it('advises in words with the rig’s own numbers', () => {
    const words = holdWords(report.advised!, 'stainless', METRIC_SAY);
    expect(words.head).toBe('Current held suits this rig best.');
    expect(words.reasons.join(' ')).toMatch(/13\.\d K/);
    const flat = alongReport(testRig({}), null).advised!;
    expect(holdWords(flat, 'nickel-chromium', METRIC_SAY).reasons.join(' ')).toContain('will not work');
  });
});
