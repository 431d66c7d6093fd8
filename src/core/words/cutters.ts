import { CUTTERS, hasPieces } from '../documents/cutters';
import { builtAs } from '../documents/jobKinds';
import type { Rig } from '../documents/rig';

type Frame = Pick<Rig['frame'], 'kind' | 'board'>;

/** What a page of pieces says to a cutter that makes none; null where it does. */
export const noPieces = (frame: Frame): string | null =>
  hasPieces(frame)
    ? null
    : `This page belongs to another cutter’s work. What ${CUTTERS[frame.kind].called} makes stands on the stages Job and Make.`;

/** What a page of a job says to a cutter that has none. */
export const NO_JOBS = 'This cutter makes its pieces on the stages Shape and Cut.';

/** What a loop says where a take-up would be set. */
export const NO_TAKE_UP = 'A shaped loop is stiff wire and holds itself: there is no tension to set.';

/** What a page that lists a cutter's parts says where none are planned; null where they are. */
export const noBuild = (frame: Frame): string | null =>
  builtAs(frame) === null ? 'A list of parts for this cutter is not planned here yet.' : null;

/** What is said of a job's document that another cutter's work is in. */
export const notOf = (frame: Frame): string =>
  `holds another cutter’s job, not one of ${CUTTERS[frame.kind].called}`;
