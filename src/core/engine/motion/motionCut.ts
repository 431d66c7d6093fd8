import type { Job, JobOf } from '../../documents/job';
import type { TowerKind } from '../../documents/towerJobs';
import { jobCut, type JobCut } from '../jobs/cut';
import { withFoam } from '../jobs/work';
import { stretchOf } from './planOnTowers';

/** A job of motor towers, of one kind or of any. */
export type TowerJob<K extends TowerKind = TowerKind> = JobOf<K>;

/** The rig as code is cut on it: the block's foam before its wire. */
export const blockCut = (blockMm: readonly [number, number, number], rig: Job['rig'], stretch = 1): JobCut =>
  jobCut(withFoam(rig, blockMm[1] * stretch, blockMm[2]));

/** The rig as a job of towers is cut on it, and by how much its kerf is wider in a face. */
export function motionCut(job: TowerJob, rig: Job['rig']): { readonly cut: JobCut; readonly stretch: number } {
  if (job.kind !== 'core') return { cut: blockCut(job.blockMm, rig), stretch: 1 };
  const { piece, blank } = job.plan;
  const high = blank?.heightMm ?? Math.max(piece.root.chordMm, piece.tip.chordMm) / 4;
  const stretch = stretchOf(job, rig);
  return { cut: blockCut([0, piece.spanMm, high], rig, stretch), stretch };
}
