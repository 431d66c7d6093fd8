import { describe, expect, it } from 'vitest';
import { evaluate } from './evaluate';
import { testRig } from './testRigs';
import { gauss12 } from '../numeric/gauss';
import { entryOverSteady, settleDistance, timesOf } from './times';
import { ohmPerMetre } from './setup';
import { ampsAt } from './times';
import { lossToAir } from '../physics/heat/loss';

const blade = testRig({
  supply: { volts: 32, maxAmps: 6 },
  foam: { kind: 'xps', densityKgM3: 33, widthMm: 640 },
  cut: { feedMmS: 4 },
});

describe('times of a rig', () => {
  it('warm-up by quadrature agrees with small steps in time to 0.2 %', () => {
    const e = evaluate(blade);
    const { s } = e;
    const capacity = s.alloy.density * s.area * s.alloy.heatCapacity;
    const target = 20 + 0.95 * (e.idle.airC - 20);
    let t = 20;
    let seconds = 0;
    const dt = 1e-3;
    const rate = (x: number) => (ampsAt(s, x) ** 2 * ohmPerMetre(s, x) - lossToAir(s.room, x)) / capacity;
    while (t < target) {
      t += dt * rate(t + 0.5 * dt * rate(t));
      seconds += dt;
    }
    expect(Math.abs(timesOf(e)!.warmUp / seconds - 1)).toBeLessThan(0.002);
  });

  it('the blade bow is ready in about 10 s and cool in about 11', () => {
    const t = timesOf(evaluate(blade))!;
    expect(t.warmUp).toBeGreaterThan(8);
    expect(t.warmUp).toBeLessThan(12);
    expect(t.coolDown).toBeGreaterThan(9);
    expect(t.coolDown).toBeLessThan(13);
  });

  it('a bench supply at its limit warms more slowly than one that is not', () => {
    const wire = { alloy: 'ss-304', diameterMm: 0.635, lengthMm: 1320 } as const;
    const at = (maxAmps: number) =>
      evaluate(
        testRig({ wire, supply: { volts: 32, maxAmps }, control: { setting: 16 }, foam: { widthMm: 790 } }),
      );
    expect(timesOf(at(4.2))!.warmUp).toBeGreaterThan(timesOf(at(30))!.warmUp * 1.05);
  });

  it('at 6 mm/s settles in 12 mm (0.19 mm wire) to 120 mm (0.635 mm stainless) (model figures of the design, within 10 %)', () => {
    const settle = (rig: Parameters<typeof testRig>[0]) =>
      timesOf(evaluate(testRig({ ...rig, cut: { feedMmS: 6 } })))!.settle! * 1000;
    const thin = settle({
      wire: { alloy: 'fecral-145', diameterMm: 0.19, lengthMm: 600 },
      control: { setting: 22 },
      foam: { widthMm: 360 },
    });
    const thick = settle({
      wire: { alloy: 'ss-304', diameterMm: 0.635, lengthMm: 1320 },
      control: { setting: 17 },
      foam: { widthMm: 790 },
    });
    expect(Math.abs(thin / 12 - 1)).toBeLessThan(0.1);
    expect(Math.abs(thick / 120 - 1)).toBeLessThan(0.1);
  });

  it('the kerf at entry is 1.15–1.7 times the steady one where the wire is well over the foam’s flow (common practice)', () => {
    for (const [diameterMm, setting] of [
      [0.455, 18.5],
      [0.51, 17],
      [0.321, 20],
    ] as const) {
      const e = evaluate(
        testRig({ wire: { diameterMm }, control: { setting }, foam: { widthMm: 630 }, cut: { feedMmS: 5 } }),
      );
      expect(e.cut!.capped).toBe(false);
      const ratio = entryOverSteady(e.s, e.cut!);
      expect(ratio).toBeGreaterThan(1.15);
      expect(ratio).toBeLessThan(1.7);
    }
  });

  it('six points settle as twelve do, to 0.2 %', () => {
    for (const setting of [15, 18.5, 22]) {
      const e = evaluate(
        testRig({ supply: { volts: 32, maxAmps: 6 }, control: { setting }, cut: { feedMmS: 4 } }),
      );
      const capacity = e.s.alloy.density * e.s.area * e.s.alloy.heatCapacity;
      const twelve = settleDistance(e.s, e.cut!, capacity, gauss12)!;
      expect(Math.abs(settleDistance(e.s, e.cut!, capacity)! / twelve - 1)).toBeLessThan(0.002);
    }
  });

  it('a cold wire has none', () => expect(timesOf(evaluate(testRig({ control: { setting: 0 } })))).toBeNull());
});
