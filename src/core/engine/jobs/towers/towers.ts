import type { JobOf } from '../../../documents/job';
import type { Rig } from '../../../documents/rig';
import type { StepFigures } from '../../../documents/worksheet';
import type { TowerKind } from '../../../documents/towerJobs';
import { boxOf, lengthOf } from '../../../numeric/polyline';
import { isSolid } from '../../../physics/motion/loops';
import { entryOf } from '../../motion/lay';
import { motionOf, type Motion, type PathOf } from '../../motion/motion';
import { motionCut } from '../../motion/motionCut';
import { safeHeight } from '../../motion/turned';
import type { MotionFigures } from '../../../documents/motion';
import {
  finding,
  heatStep,
  only,
  reads,
  readsTime,
  step,
  type JobWork,
  type KnownCut,
  type Worked,
} from '../work';

/** A part is measured to this, mm. Ours. */
const PART_MM = 0.3;

/** What a kind adds to what every job of motor towers has: its figures, its parts, how the block is set, and what is gauged afterwards. */
interface Own<K extends TowerKind> {
  readonly values: (path: PathOf[K] | null, figures: MotionFigures, job: JobOf<K>) => Worked['values'];
  readonly parts: (path: PathOf[K]) => Worked['parts'];
  readonly set: (job: JobOf<K>, path: PathOf[K]) => readonly StepFigures[];
  readonly gauge: (path: PathOf[K], job: JobOf<K>) => readonly StepFigures[];
}

/** Work of motor towers: MACHINES.md section 6. The path itself is `motionOf`; here is what the maker does beside it. */
function towers<K extends TowerKind>(own: Own<K>): JobWork<K> {
  return {
    use: (job, rig: Rig) => motionCut(job, rig).cut.rig,
    most: null,
    work: (asked, c: KnownCut) => {
      const job = asked as JobOf<K>;
      const { path, figures } = motionOf(job as JobOf<TowerKind>, c.rig) as Motion<PathOf[K]>;
      const count = (level: 'stop' | 'fix') => figures.findings.filter((f) => f.level === level).length;
      const stops = count('stop');
      return {
        values: {
          ...own.values(path, figures, job),
          pathMm: figures.forecast?.cutMm ?? null,
          stretchMm: figures.wireStretchMm,
        },
        steps:
          path && stops === 0
            ? [
                step('try-switches'),
                step('home-axes'),
                ...own.set(job, path),
                step('run-in-air', offBlock(job)),
                heatStep(c),
                step('run-code', { seconds: figures.timeS, ...offBlock(job) }, readsTime(figures.timeS)),
                step('power-off'),
                ...own.gauge(path, job),
              ]
            : [],
        parts: path ? own.parts(path) : [],
        timeS: path ? figures.timeS : null,
        findings: only(
          stops > 0 && finding('path-stopped', 'stop', { count: stops }),
          stops === 0 && count('fix') > 0 && finding('path-faults', 'fix', { count: count('fix') }),
        ),
      };
    },
  };
}

/** Where the wire comes in, off the block. */
function offBlock(job: JobOf<TowerKind>) {
  const [entryX, entryY] = job.kind === 'outline' ? entryOf(job) : [-job.marginMm, null];
  return { marginMm: job.marginMm, entryX, entryY };
}

const zeroOf = ({ machine: { zeroMm } }: JobOf<TowerKind>) => ({ x: zeroMm[0], y: zeroMm[1] });
const setBlock = (job: JobOf<TowerKind>, [longMm, , highMm]: readonly [number, number, number]) =>
  step('set-block', { ...zeroOf(job), longMm, highMm });

export const outline = towers<'outline'>({
  values: (path, figures) => {
    const parts = (path?.loops ?? []).filter(isSolid).length;
    return {
      partCount: parts,
      holeCount: (path?.loops.length ?? 0) - parts,
      bridgesMm: figures.bridgesMm,
    };
  },
  parts: (path) =>
    path.loops
      .filter(isSolid)
      .map((p) => ({ name: 'part', atMm: null, lengthMm: lengthOf([...p, p[0]!]), board: null })),
  set: (job) => [setBlock(job, job.blockMm)],
  gauge: (path) => {
    const first = path.loops.find(isSolid);
    if (!first) return [];
    const b = boxOf(first);
    return [step('measure-part', {}, reads(b.x1 - b.x0, 'mm', PART_MM))];
  },
});

/** What is foretold of a core is not known finer, mm. */
const thousandths = (mm: number | undefined) => (mm === undefined ? null : Number(mm.toFixed(3)));

export const core = towers<'core'>({
  values: (path) => ({
    rootOffMm: thousandths(path?.core?.root.offMm),
    middleOffMm: thousandths(path?.core?.middle.offMm),
    tipOffMm: thousandths(path?.core?.tip.offMm),
  }),
  parts: (path) =>
    path.loops.map((p, i) => ({
      name: i === 0 ? 'root' : 'tip',
      atMm: null,
      lengthMm: boxOf(p).x1 - boxOf(p).x0,
      board: null,
    })),
  set: (job, path) => [setBlock(job, path.block)],
  gauge: (path, job) => {
    const thick = path.loops.map((p) => boxOf(p).y1 - boxOf(p).y0);
    return [step('gauge-core', { tipMm: thick[1]! }, reads(thick[0]!, 'mm', job.plan.toleranceMm))];
  },
});

export const turned = towers<'turned'>({
  values: (path, figures, job) => ({
    sides: job.sides,
    turnDeg: 360 / job.sides,
    safeMm: job.blockMm[2] / 2 + safeHeight(job.blockMm),
  }),
  parts: (path) =>
    path.loops.map((p) => ({ name: 'piece', atMm: null, lengthMm: boxOf(p).x1 - boxOf(p).x0, board: null })),
  set: (job) => [
    step('hold-block', { ...zeroOf(job), axisMm: job.blockMm[2] / 2, spindleMm: job.spindleMm }),
    step('turn-clear', { reachMm: safeHeight(job.blockMm), turnDeg: 360 / job.sides }),
  ],
  gauge: (path, job) => {
    const widest = 2 * Math.max(...job.profile.map(([, r]) => r));
    return [step('gauge-turned', {}, reads(widest, 'mm', job.toleranceMm))];
  },
});

export const comb = towers<'comb'>({
  values: (path) => ({ slotCount: path?.comb.length ?? null, narrowMm: min(path), wideMm: max(path) }),
  parts: (path) => path.comb.map((s) => ({ name: 'slot', atMm: s.upMm, lengthMm: s.kerfMm, board: null })),
  set: (job) => [setBlock(job, job.blockMm)],
  gauge: (path) => [step('gauge-slots', { count: path.comb.length })],
});
const kerfs = (path: PathOf['comb'] | null) => path?.comb.map((s) => s.kerfMm) ?? [];
const min = (path: PathOf['comb'] | null) => (path ? Math.min(...kerfs(path)) : null);
const max = (path: PathOf['comb'] | null) => (path ? Math.max(...kerfs(path)) : null);
