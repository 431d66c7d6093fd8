import { isDropBoard } from './cutters';
import type { FrameKind, Rig } from './rig';

/** Kinds of job, of all cutters that have some. */
export const JOB_KINDS = ['sheets', 'strips', 'disc', 'cutout', 'groove', 'segments'] as const;
export type JobKind = (typeof JOB_KINDS)[number];

const JOBS_OF: Readonly<Record<FrameKind, readonly JobKind[]>> = Object.freeze({
  bow: [],
  'pulled-bow': [],
  'drop-bow': [],
  table: ['strips', 'disc', 'cutout'],
  slicer: ['sheets'],
  gantry: [],
  'hand-tool': ['groove'],
});
/** Jobs that a cutter can do; bows have their planned pieces, and motor towers are not planned yet. */
export const jobsOf = (frame: Pick<Rig['frame'], 'kind' | 'board'>): readonly JobKind[] =>
  isDropBoard(frame) ? ['segments'] : JOBS_OF[frame.kind];
