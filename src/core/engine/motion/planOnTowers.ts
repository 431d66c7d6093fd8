import type { Job, JobOf } from '../../documents/job';
import type { Plan } from '../../documents/plan';
import { wantedOf } from '../template/ends';
import { slantOf } from '../template/slant';

const NO_EDGES = { top: null, bottom: null };
/** The plan as towers lead it: no hands, no templates that exist, and never turned over. */
export function planOnTowers(job: JobOf<'core'>, rig: Job['rig']): Plan {
  const { template } = job.plan;
  return {
    ...job.plan,
    rig,
    method: { kind: 'two-person' },
    template: {
      ...template,
      split: template.split === 'turned' ? 'top-bottom' : template.split,
      pinnedTo: 'core',
      cut: null,
      own: { root: NO_EDGES, tip: NO_EDGES },
    },
  };
}

/** How much wider foam and kerf are than across the wire, where the piece is swept. */
export function stretchOf(job: JobOf<'core'>, rig: Job['rig']): number {
  const plan = planOnTowers(job, rig);
  return slantOf(plan, wantedOf(plan, 'root'), wantedOf(plan, 'tip')).stretch;
}
