import { hasPieces, isDropBoard } from './cutters';
import type { FrameKind, Rig } from './rig';

/** Kinds of job, of all cutters that have some. */
export const JOB_KINDS = [
  'sheets',
  'strips',
  'disc',
  'cutout',
  'groove',
  'segments',
  'outline',
  'core',
  'turned',
  'comb',
  'build',
] as const;
export type JobKind = (typeof JOB_KINDS)[number];

/** Kinds of job that something is made by: all but building the cutter itself. */
export type MadeKind = Exclude<JobKind, 'build'>;

const JOBS_OF: Readonly<Record<FrameKind, readonly MadeKind[]>> = Object.freeze({
  bow: [],
  'pulled-bow': [],
  'drop-bow': [],
  table: ['strips', 'disc', 'cutout'],
  slicer: ['sheets'],
  gantry: ['outline', 'core', 'turned', 'comb'],
  'hand-tool': ['groove'],
});
/** Jobs that a cutter can do; bows have their planned pieces. */
export const jobsOf = (frame: Pick<Rig['frame'], 'kind' | 'board'>): readonly MadeKind[] =>
  isDropBoard(frame) ? ['segments'] : JOBS_OF[frame.kind];

/** Kinds of cutter that a list of parts is planned for. */
export type BuiltAs = 'table' | 'slicer' | 'bow' | 'loop';
/** As which kind a cutter is built; null where no list of parts is planned for it: a falling bow's guides, motor towers. */
export function builtAs(frame: Pick<Rig['frame'], 'kind' | 'board'>): BuiltAs | null {
  if (frame.kind === 'table' || frame.kind === 'slicer') return frame.kind;
  if (frame.kind === 'hand-tool') return 'loop';
  return hasPieces(frame) ? 'bow' : null;
}
