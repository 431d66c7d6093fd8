import type { TowerKind } from '../../../documents/towerJobs';
import type { dice } from '../../sweepRigs';

type Dice = ReturnType<typeof dice>;

/** Any job of motor towers that its schema may take, sensible or not. For tests. */
export function anyOfTowers(kind: TowerKind, d: Dice): Record<string, unknown> {
  const mm = (lo: number, hi: number) => Number(d.span(lo, hi).toPrecision(3));
  const many = (n: number) => Array.from({ length: n });
  const axis = () => ({ minMm: -200, maxMm: 1000, maxMmS: mm(1, 60), accelMmS2: mm(5, 800) });
  const turning = kind === 'turned' && d.even() < 0.7;
  const machine = {
    format: 'upwind-rod/machine',
    version: 1,
    axes: { X: axis(), Y: axis(), U: axis(), V: axis(), ...(turning && { A: { ...axis(), home: null } }) },
    ...(turning && { turn: 'A' }),
    ...(d.even() < 0.2 && { right: null }),
    code: { heat: d.pick(['M3', 'none']), feed: d.pick(['G93', 'G94']) },
  };
  const blockMm = [mm(30, 500), mm(50, 1000), mm(20, 400)];
  const point = () => [mm(1, 300), mm(1, 200)];
  const own = {
    outline: () => ({
      loops: many(1 + Math.floor(4 * d.even())).map(() => many(3 + Math.floor(9 * d.even())).map(point)),
      blockMm,
    }),
    core: () => ({
      plan: {
        format: 'upwind-rod/plan',
        version: 1,
        piece: {
          spanMm: mm(20, 1200),
          root: { section: anySection(d), chordMm: mm(5, 500), twistDeg: mm(0, 20) },
          tip: { section: anySection(d), chordMm: mm(5, 500), offsetMm: [mm(0, 200), mm(0, 50)] },
          finish: { skinMm: d.even() < 0.3 ? mm(0.1, 3) : 0 },
        },
        blank: d.even() < 0.5 ? null : { lengthMm: mm(20, 1200), widthMm: mm(20, 700), heightMm: mm(10, 200) },
        template: {
          split: d.pick(['top-bottom', 'outline', 'turned', 'square']),
          stations: 2 + Math.floor(20 * d.even()),
          round: d.pick(['outside', 'inside']),
        },
      },
    }),
    turned: () => {
      const [long, side] = [mm(60, 400), mm(40, 200)];
      return {
        profile: many(2 + Math.floor(6 * d.even()))
          .map((): [number, number] => [mm(1, long), d.even() * 0.5 * side])
          .sort((a, b) => a[0] - b[0]),
        sides: d.pick([2, 3, 4, 6, 8]),
        blockMm: [long, side, side],
        zeroMm: d.even() - 0.5,
      };
    },
    comb: () => ({
      blockMm,
      slots: 2 + Math.floor(6 * d.even()),
      depthMm: mm(5, 200),
      feedsMmS: d.even() < 0.5 ? null : [mm(0.5, 20), mm(0.5, 20)],
    }),
  };
  return { kind, ...own[kind](), machine };
}

const anySection = (d: Dice) =>
  d.pick<Record<string, unknown>>([
    { kind: 'naca', code: d.pick(['0006', '2412', '4415', '23012', '0024']) },
    { kind: 'circle' },
    { kind: 'rectangle', height: 0.2 },
    { kind: 'half-round', height: 0.4 },
    { kind: 'trapezium', height: 0.3, topShare: 0.6 },
  ]);
