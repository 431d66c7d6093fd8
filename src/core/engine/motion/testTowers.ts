import { jobSchema, type Job, type JobOf } from '../../documents/job';
import { replaySchema, type MotionFindingFigures } from '../../documents/motion';
import type { TowerKind } from '../../documents/towerJobs';
import { motionOf, spindleOf, type Motion, type PathOf } from './motion';
import { replayOf } from './replay';
import type { TowerJob } from './motionCut';
import { TOWERS } from './testMotion';

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
