import { lengthOf, type Pt } from '../../../numeric/polyline';
import { isSolid } from '../../../physics/motion/loops';
import { entryOf } from '../../motion/lay';
import { motionOf } from '../../motion/motion';
import { finding, heatStep, only, reads, readsTime, step, withFoam, type JobWork } from '../work';

/** A part is measured to this, mm. Ours. */
const PART_MM = 0.3;

/** Parts out of a block by motor towers: MACHINES.md section 6. The path itself is `motionOf`; here is what the maker does beside it. */
export const outline: JobWork<'outline'> = {
  use: (job, rig) => withFoam(rig, job.blockMm[1], job.blockMm[2]),
  most: null,
  work: (job, c) => {
    const { path, figures } = motionOf(job, c.rig);
    const stops = figures.findings.filter((f) => f.level === 'stop').length;
    const faults = figures.findings.filter((f) => f.level === 'fix').length;
    const parts = (path?.loops ?? []).filter(isSolid);
    const wide = parts.map((p) => Math.max(...p.map(([x]) => x)) - Math.min(...p.map(([x]) => x)));
    const entry = entryOf(job);
    const zero = { x: job.machine.zeroMm[0], y: job.machine.zeroMm[1] };
    const off = { marginMm: job.marginMm, entryX: entry[0], entryY: entry[1] };
    return {
      values: {
        partCount: parts.length,
        holeCount: (path?.loops.length ?? 0) - parts.length,
        pathMm: figures.forecast?.cutMm ?? null,
        bridgesMm: figures.bridgesMm,
        stretchMm: figures.wireStretchMm,
      },
      steps:
        path && stops === 0
          ? [
              step('try-switches'),
              step('home-axes'),
              step('set-block', { ...zero, longMm: job.blockMm[0], highMm: job.blockMm[2] }),
              step('run-in-air', off),
              heatStep(c),
              step('run-code', { seconds: figures.timeS, ...off }, readsTime(figures.timeS)),
              step('power-off'),
              ...(wide.length > 0 ? [step('measure-part', {}, reads(wide[0]!, 'mm', PART_MM))] : []),
            ]
          : [],
      parts: parts.map((p) => ({
        name: 'part',
        atMm: null,
        lengthMm: lengthOf([...p, p[0]!] as Pt[]),
        board: null,
      })),
      timeS: path ? figures.timeS : null,
      findings: only(
        stops > 0 && finding('path-stopped', 'stop', { count: stops }),
        stops === 0 && faults > 0 && finding('path-faults', 'fix', { count: faults }),
      ),
    };
  },
};
