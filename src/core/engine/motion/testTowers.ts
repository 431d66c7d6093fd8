import { jobSchema, type Job, type JobOf } from '../../documents/job';
import { replaySchema, type MotionFindingFigures } from '../../documents/motion';
import type { TowerKind } from '../../documents/towerJobs';
import { motionOf, replayOf, spindleOf, type Motion, type PathOf, type TowerJob } from './motion';
import { even, TOWERS } from './testMotion';

export type OnRig<K extends TowerKind> = JobOf<K> & { rig: Job['rig'] };
const head = { format: 'upwind-rod/job', version: 1, rig: TOWERS };
const parse = <K extends TowerKind>(doc: unknown) => jobSchema.parse(doc) as unknown as OnRig<K>;

export const axis = (over: Record<string, unknown> = {}) => ({ minMm: -300, maxMm: 900, maxMmS: 40, ...over });
export const machineOf = (over: Record<string, unknown> = {}, turn = false) => ({
  format: 'upwind-rod/machine',
  version: 1,
  axes: {
    X: axis(),
    Y: axis(),
    U: axis(),
    V: axis(),
    ...(turn && { A: axis({ minMm: -3600, maxMm: 3600, home: null }) }),
  },
  ...(turn && { turn: 'A' }),
  bedMm: -200,
  ...over,
});

/** A tapered core on four axes, with a partial job and piece laid over it. */
export const coreJob = (
  piece: Record<string, unknown> = {},
  over: Record<string, unknown> = {},
  plan: object = {},
) =>
  parse<'core'>({
    ...head,
    kind: 'core',
    plan: {
      format: 'upwind-rod/plan',
      version: 1,
      piece: {
        spanMm: 400,
        root: { section: { kind: 'naca', code: '2412' }, chordMm: 180 },
        tip: { section: { kind: 'naca', code: '0012' }, chordMm: 120, offsetMm: [10, 0] },
        ...piece,
      },
      ...plan,
    },
    machine: machineOf(),
    ...over,
  });

export const turnedJob = (over: Record<string, unknown> = {}) =>
  parse<'turned'>({
    ...head,
    kind: 'turned',
    profile: [
      [10, 30],
      [80, 20],
      [150, 35],
    ],
    blockMm: [160, 90, 90],
    machine: machineOf({}, true),
    ...over,
  });

export const combJob = (over: Record<string, unknown> = {}) =>
  parse<'comb'>({ ...head, kind: 'comb', blockMm: [120, 400, 240], machine: machineOf(), ...over });

const codeBy = (r: () => number) => ({
  feed: r() < 0.5 ? 'G93' : 'G94',
  means: (['all', 'xyz', 'xy'] as const)[Math.floor(3 * r())]!,
  units: r() < 0.5 ? 'mm' : 'in',
  decimals: 4 + Math.floor(2 * r()),
  dwell: r() < 0.5 ? 's' : 'ms',
  comment: r() < 0.5 ? '(' : ';',
});
const pick = <T>(r: () => number, of: readonly T[]): T => of[Math.floor(of.length * r())]!;

/** A seeded core: section, chords, twist, sweep, span, split, which tower the root is at, on a machine of any speed. */
export function seededCore(seed: number): OnRig<'core'> {
  const r = even(seed + 1000);
  const chordMm = 80 + Math.floor(200 * r());
  const axes = () => axis({ maxMmS: 15 + 40 * r(), accelMmS2: 40 + 400 * r() });
  const [X, Y, U, V] = [axes(), axes(), axes(), axes()];
  return coreJob(
    {
      spanMm: 250 + Math.floor(350 * r()),
      root: { section: { kind: 'naca', code: pick(r, ['0012', '2412', '4415', '23012']) }, chordMm },
      tip: {
        section: { kind: 'naca', code: pick(r, ['0012', '2412', '4412']) },
        chordMm: Math.round(chordMm * (0.55 + 0.45 * r())),
        twistDeg: Math.round(6 * r()) - 2,
        offsetMm: [Math.round(60 * r()), Math.round(10 * r())],
      },
    },
    {
      rootAt: pick(r, ['left', 'right']),
      marginMm: 5 + Math.floor(20 * r()),
      machine: machineOf({
        axes: { X, Y, U, V },
        towersMm: 900,
        leftToBlockMm: 50 + Math.floor(100 * r()),
        code: codeBy(r),
      }),
    },
    {
      template: {
        split: pick(r, ['top-bottom', 'outline', 'turned']),
        stations: 8 + Math.floor(12 * r()),
        firstCut: pick(r, ['top', 'bottom']),
      },
      toleranceMm: 0.3 + r(),
    },
  );
}

/** A seeded turned piece: profile, sides, by its axis or by hand. */
export function seededTurned(seed: number): OnRig<'turned'> {
  const r = even(seed + 2000);
  const side = 60 + Math.floor(60 * r());
  const long = 120 + Math.floor(200 * r());
  const points = 3 + Math.floor(6 * r());
  const profile = () =>
    Array.from({ length: points }, (_, i) => [
      10 + ((long - 20) * i) / (points - 1),
      side * (0.2 + 0.28 * r()),
    ]);
  const hand = r() < 0.25;
  const sides = hand ? pick(r, [2, 4]) : pick(r, [2, 3, 4, 6, 8]);
  return turnedJob({
    profile: profile(),
    sideProfile: sides === 4 && r() < 0.5 ? profile() : null,
    sides,
    blockMm: [long, side, side],
    zeroMm: r() - 0.5,
    marginMm: 6 + Math.floor(15 * r()),
    machine: machineOf({ code: codeBy(r) }, !hand),
  });
}

export function seededComb(seed: number): OnRig<'comb'> {
  const r = even(seed + 3000);
  const slots = 2 + Math.floor(5 * r());
  return combJob({
    slots,
    depthMm: 20 + Math.floor(60 * r()),
    blockMm: [120, 300 + Math.floor(200 * r()), 30 * (slots + 2) * (1 + r())],
    machine: machineOf({ code: codeBy(r) }),
  });
}

export const pathOf = <K extends TowerKind>(job: OnRig<K>): Motion<PathOf[K]> =>
  motionOf(job as TowerJob, (job as OnRig<TowerKind>).rig) as unknown as Motion<PathOf[K]>;

/** The job's own code, or another, played back on its machine. */
export const replayed = (job: OnRig<TowerKind>, code: string, blockMm: readonly number[]) =>
  replayOf(
    replaySchema.parse({ machine: job.machine, rig: job.rig, blockMm, code, spindleMm: spindleOf(job) }),
  );

export const stops = (f: readonly MotionFindingFigures[]) => f.filter((x) => x.level === 'stop');

type Forecast = NonNullable<ReturnType<typeof pathOf>['figures']['forecast']>;

/** In what the forecasts of a job and of its code replayed differ: time and way by 0.1 % or more, kerfs by 0.005 mm or more. */
export function unlike(a: Forecast, b: Forecast): string[] {
  const kerfs = (['leftKerfMm', 'rightKerfMm'] as const).flatMap((key) =>
    [0, 1].map((k) => [`${key} ${k}`, Math.abs(a[key]![k]! - b[key]![k]!) < 0.005] as const),
  );
  const alike = [
    ['timeS', Math.abs(b.timeS / a.timeS - 1) < 0.001] as const,
    ['cutMm', Math.abs(b.cutMm / a.cutMm - 1) < 0.001] as const,
    ...kerfs,
  ];
  return alike.filter(([, same]) => !same).map(([what]) => what);
}
