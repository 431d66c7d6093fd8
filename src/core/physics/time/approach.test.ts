import { describe, expect, it } from 'vitest';
import { gauss12, gauss6 } from '../../numeric/gauss';
import { approachSeconds } from './approach';

describe('quadrature', () => {
  it('is exact for polynomials and good for smooth functions', () => {
    expect(gauss12((x) => x ** 22, -1, 1)).toBeCloseTo(2 / 23, 13);
    expect(gauss12(Math.exp, 0, 2)).toBeCloseTo(Math.exp(2) - 1, 12);
    expect(gauss12((x) => 3 * x, 1, 1)).toBe(0);
    expect(gauss6((x) => x ** 10, -1, 1)).toBeCloseTo(2 / 11, 13);
  });
});

describe('time to approach rest', () => {
  it('is the exact exponential for a linear loss, warming and cooling, to 0.1 %', () => {
    const capacity = 0.6;
    const slope = 0.14;
    const exact = (capacity / slope) * Math.log(20);
    const warm = approachSeconds(capacity, (t) => slope * (320 - t), 20, 20 + 0.95 * 300, 320);
    expect(Math.abs(warm / exact - 1)).toBeLessThan(1e-9);
    const cool = approachSeconds(capacity, (t) => slope * (20 - t), 320, 35, 20);
    expect(Math.abs(cool / exact - 1)).toBeLessThan(1e-9);
  });

  it('agrees with small steps for a loss by radiation too, to 0.2 %', () => {
    const capacity = 0.6;
    const loss = (t: number) => 0.05 * (t - 20) + 4e-11 * ((t + 273.15) ** 4 - 293.15 ** 4);
    const heat = loss(420);
    const net = (t: number) => heat - loss(t);
    const target = 20 + 0.95 * 400;
    let t = 20;
    let seconds = 0;
    const dt = 1e-4;
    while (t < target) {
      t += (dt * net(t + (0.5 * dt * net(t)) / capacity)) / capacity;
      seconds += dt;
    }
    expect(Math.abs(approachSeconds(capacity, net, 20, target, 420) / seconds - 1)).toBeLessThan(0.002);
  });

  it('is nothing where the target is passed already', () => {
    expect(approachSeconds(1, () => 1, 50, 40, 20 + 80)).toBe(0);
    expect(approachSeconds(1, () => -1, 50, 60, 20)).toBe(0);
  });
});
