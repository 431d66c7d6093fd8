import { jobSchema, type Job, type JobOf } from '../../documents/job';
import type { Pt } from '../../numeric/polyline';
import { testRig } from '../testRigs';

/** Towers with a wire that cuts EPS well, in tests. */
export const TOWERS = testRig({
  frame: { kind: 'gantry', material: 'metal-insulated' },
  wire: { alloy: 'nicr-80', diameterMm: 0.3, lengthMm: 900 },
  control: { kind: 'amps', setting: 1.7 },
  tension: { setN: 12 },
  foam: { kind: 'eps', densityKgM3: 20, widthMm: 400 },
  leads: { fuseA: 5, switchA: 10 },
});
export const square = (x: number, y: number, side: number): [number, number][] => [
  [x, y],
  [x + side, y],
  [x + side, y + side],
  [x, y + side],
];
/** A loop of n points about a place, its radius by a function of the angle's share. */
export const round = (x: number, y: number, n: number, radius: (share: number) => number): [number, number][] =>
  Array.from({ length: n }, (_, i) => {
    const [a, r] = [(2 * Math.PI * i) / n, radius(i / n)];
    return [x + r * Math.cos(a), y + r * Math.sin(a)];
  });
/** Even numbers from 0 to 1 by a seed (Park and Miller 1988). */
export function even(seed: number): () => number {
  let s = (seed * 7919) % 2147483647;
  return () => (s = (s * 48271) % 2147483647) / 2147483647;
}

export const outlineJob = (over: Record<string, unknown> = {}): JobOf<'outline'> & { rig: Job['rig'] } =>
  jobSchema.parse({
    format: 'upwind-rod/job',
    version: 1,
    kind: 'outline',
    loops: [square(60, 40, 80), square(85, 65, 30)],
    blockMm: [240, 400, 160],
    rig: TOWERS,
    ...over,
  }) as JobOf<'outline'> & { rig: Job['rig'] };

/** A seeded sign: parts in rows, some of them with holes, on any legal machine. */
export function seededOutline(seed: number): JobOf<'outline'> & { rig: Job['rig'] } {
  const r = even(seed);
  const loops: [number, number][][] = [];
  const [columns, rows] = [1 + Math.floor(3 * r()), 1 + Math.floor(2 * r())];
  for (let i = 0; i < columns; i++)
    for (let j = 0; j < rows; j++) {
      const [x, y] = [60 + 90 * i, 60 + 90 * j];
      const size = 20 + 15 * r();
      const kind = r();
      if (kind < 0.4) loops.push(square(x - size, y - size, 2 * size));
      else {
        const [waves, high] = [3 + Math.floor(4 * r()), 0.25 * r()];
        loops.push(
          round(x, y, 40 + Math.floor(80 * r()), (s) => size * (1 + high * Math.sin(2 * Math.PI * waves * s))),
        );
      }
      if (r() < 0.6) loops.push(round(x, y, 6 + Math.floor(20 * r()), () => 4 + 5 * r()));
    }
  const feed = r() < 0.5 ? 'G93' : 'G94';
  const coupled = r() < 0.3;
  return outlineJob({
    loops,
    blockMm: [90 * columns + 40, 300 + Math.floor(200 * r()), 90 * rows + 40],
    marginMm: 5 + Math.floor(20 * r()),
    toleranceMm: 0.2 + r(),
    machine: {
      format: 'upwind-rod/machine',
      version: 1,
      ...(coupled && { right: null }),
      axes: {
        X: { maxMm: 900, accelMmS2: 30 + 400 * r(), maxMmS: 10 + 50 * r() },
        Y: { maxMm: 700, accelMmS2: 30 + 400 * r(), maxMmS: 10 + 50 * r() },
        ...(!coupled && { U: { maxMm: 900 }, V: { maxMm: 700 } }),
      },
      zeroMm: [100, 60],
      bedMm: -20,
      deltaMm: 0.01 + 0.1 * r(),
      code: {
        feed,
        means: (['all', 'xyz', 'xy'] as const)[Math.floor(3 * r())],
        units: r() < 0.5 ? 'mm' : 'in',
        decimals: 4 + Math.floor(2 * r()),
        dwell: r() < 0.5 ? 's' : 'ms',
        comment: r() < 0.5 ? '(' : ';',
      },
    },
  });
}
export type { Pt };
