import { describe, expect, it } from 'vitest';
import { rungeKutta, stepBuffers } from '../../numeric/step';
import { tridiagonal } from '../../numeric/tridiagonal';
import { solveAlong, type AlongProblem } from './along';
import { gridOf } from './grid';

/** A fin of linear loss: T − T_a = (s/h)·(1 − cosh((x − L/2)/λ)/cosh(L/2λ)) with both ends at T_a (Incropera & DeWitt §3.6). */
const kA = 2.4e-6;
const h = 0.09;
const made = 31;
const lambda = Math.sqrt(kA / h);
const exact = (x: number, length: number) =>
  20 + (made / h) * (1 - Math.cosh((x - length / 2) / lambda) / Math.cosh(length / (2 * lambda)));
const fin = (length: number, refine = 1): AlongProblem => ({
  grid: gridOf([{ zone: 'air', length, reach: lambda }], refine),
  kA,
  ends: [20, 20],
  source: () => made,
  loss: (_, t) => h * (t - 20),
});
const middles = (p: AlongProblem) =>
  p.grid.zones.map((_, i) => 0.5 * (p.grid.faces[i]! + p.grid.faces[i + 1]!));
const cold = (p: AlongProblem) => new Float64Array(p.grid.zones.length).fill(20);

describe('heat along a wire', () => {
  it.each([0.01, 0.05, 1.05])('is the fin of a textbook to 0.1 % of its rise, %d m long', (length) => {
    const p = fin(length);
    const { tempC, converged } = solveAlong(p, cold(p));
    expect(converged).toBe(true);
    const rise = exact(length / 2, length) - 20;
    for (const [i, x] of middles(p).entries())
      expect(Math.abs(tempC[i]! - exact(x, length))).toBeLessThan(0.001 * rise);
  });

  it('gives its clamps the fin’s end heat, √(kA·h)·rise, to 0.1 %', () => {
    const p = fin(1.05);
    const { toClamps } = solveAlong(p, cold(p));
    const want = Math.sqrt(kA * h) * (made / h);
    for (const w of toClamps) expect(Math.abs(w / want - 1)).toBeLessThan(0.001);
  });

  it('keeps its books: what is made leaves by loss and clamps', () => {
    const p = fin(0.3);
    const { tempC, toClamps } = solveAlong(p, cold(p));
    let out = toClamps[0] + toClamps[1];
    let into = 0;
    p.grid.zones.forEach((zone, i) => {
      const size = p.grid.faces[i + 1]! - p.grid.faces[i]!;
      out += p.loss(zone, tempC[i]!) * size;
      into += made * size;
    });
    expect(Math.abs(out / into - 1)).toBeLessThan(1e-6);
  });

  it('warms at its middle as the exact exponential of a linear loss, to 0.1 %', () => {
    const p = fin(1.05);
    const capacity = 0.62;
    const tau = capacity / h;
    let t = cold(p);
    const seconds = tau / 2000;
    for (let k = 0; k < 2000; k++)
      t = Float64Array.from(solveAlong(p, t, { capacity, seconds, before: t }).tempC);
    const want = (made / h) * (1 - Math.exp(-1));
    expect(Math.abs((t[t.length >> 1]! - 20) / want - 1)).toBeLessThan(0.001);
  }, 30000);

  it('says so where it does not settle', () => {
    const p = { ...fin(0.1), loss: () => NaN };
    expect(solveAlong(p, cold(p)).converged).toBe(false);
  });
});

describe('grid', () => {
  it('has a face on every end of a stretch, a hundred cells or more, the smallest a twentieth of λ or less', () => {
    const g = gridOf([
      { zone: 'air', length: 0.2, reach: 0.006 },
      { zone: 'foam', length: 0.64, reach: 0.004 },
      { zone: 'air', length: 0.2, reach: 0.006 },
    ]);
    const near = (x: number) => Math.min(...Array.from(g.faces, (f) => Math.abs(f - x)));
    for (const x of [0, 0.2, 0.84, 1.04]) expect(near(x)).toBeLessThan(1e-12);
    expect(g.zones.length).toBeGreaterThanOrEqual(100);
    const at = g.zones.indexOf('foam');
    expect(g.faces[at + 1]! - g.faces[at]!).toBeLessThanOrEqual(0.004 / 20 + 1e-9);
    for (let i = 1; i < g.faces.length; i++) expect(g.faces[i]!).toBeGreaterThan(g.faces[i - 1]!);
  });
});

describe('stepping in time', () => {
  it('is the exact exponential of a linear loss to 0.1 %, and of the fourth order', () => {
    const run = (steps: number) => {
      const y = Float64Array.of(20);
      const work = stepBuffers(1);
      for (let k = 0; k < steps; k++)
        rungeKutta((_, v, dv) => (dv[0] = 0.4 * (320 - v[0]!)), 0, y, 5 / steps, work);
      return Math.abs((y[0]! - 20) / (300 * (1 - Math.exp(-2))) - 1);
    };
    expect(run(20)).toBeLessThan(0.001);
    expect(run(20) / run(40)).toBeGreaterThan(14);
  });
});

describe('tridiagonal', () => {
  it('solves what was multiplied out', () => {
    const x = [3, -1, 4, 2, 5];
    const low = Float64Array.of(0, 1, 2, -1, 1);
    const mid = Float64Array.of(4, 5, 6, 5, 4);
    const up = Float64Array.of(1, -2, 1, 2, 0);
    const rhs = Float64Array.from(
      x,
      (v, i) => low[i]! * (x[i - 1] ?? 0) + mid[i]! * v + up[i]! * (x[i + 1] ?? 0),
    );
    tridiagonal(low, mid, up, rhs);
    x.forEach((v, i) => expect(rhs[i]!).toBeCloseTo(v, 12));
  });
});
