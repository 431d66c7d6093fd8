import { describe, expect, it } from 'vitest';
import { FRAME_KINDS } from '@/core/documents/rig';
import { evaluate } from '@/core/engine/evaluate';
import { testRig } from '@/core/engine/testRigs';
import { heatAlong, layOut } from './layout';

describe('the wire picture', () => {
  it.each(FRAME_KINDS)('%s: wire and foam are to one scale, the foam in the middle', (kind) => {
    const e = evaluate(testRig({ frame: { kind } }));
    for (const [width, height, full] of [
      [1240, 222, true],
      [360, 104, false],
    ] as const) {
      const l = layOut(e, width, height, full);
      expect((l.f1 - l.f0) / (l.x1 - l.x0)).toBeCloseTo(630 / 1050, 9);
      expect((l.f0 + l.f1) / 2).toBeCloseTo((l.x0 + l.x1) / 2, 9);
      expect(l.foamTop).toBeLessThan(l.wireY);
      expect(l.foamBottom).toBeGreaterThan(l.wireY);
      expect(l.foamBottom).toBeLessThanOrEqual(height);
      expect(l.barY).toBeLessThan(l.wireY);
    }
  });

  it('foam wider than the wire is drawn wider', () => {
    const l = layOut(evaluate(testRig({ foam: { widthMm: 2100 } })), 1240, 222, true);
    expect(l.pxPerMm * 1050).toBeCloseTo((l.f1 - l.f0) / 2, 9);
  });

  it('heat runs from clamp to clamp: cold ends, hot air, cooler in the foam, the same both ways', () => {
    const e = evaluate(
      testRig({
        supply: { volts: 32, maxAmps: 6 },
        foam: { kind: 'xps', densityKgM3: 33, widthMm: 630 },
        cut: { feedMmS: 4 },
      }),
    );
    const stops = heatAlong(e);
    const temps = stops.map((s) => s.tempC);
    expect(stops[0]!.at).toBe(0);
    expect(stops.at(-1)!.at).toBe(1);
    expect(temps[0]).toBeCloseTo(20, 6);
    expect(Math.max(...temps)).toBeGreaterThan(e.cut!.foamC);
    expect(temps[Math.floor(temps.length / 2)]).toBeCloseTo(e.cut!.foamC, 6);
    stops.forEach((s, i) => {
      if (i > 0) expect(s.at).toBeGreaterThanOrEqual(stops[i - 1]!.at);
      expect(s.tempC).toBeCloseTo(temps[temps.length - 1 - i]!, 6);
    });
  });

  it('a supply that has shut off leaves the wire cold', () => {
    const off = evaluate(
      testRig({
        supply: { kind: 'brick', volts: 15, maxAmps: 5 },
        control: { kind: 'none', setting: null },
        wire: { alloy: 'ss-304', diameterMm: 0.635, lengthMm: 380 },
        foam: { widthMm: 220 },
      }),
    );
    expect(heatAlong(off).map((s) => s.tempC)).toEqual([20, 20]);
  });
});
