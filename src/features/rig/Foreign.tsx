import type { Rig } from '@/core/documents/rig';
import { NO_JOBS, NO_TAKE_UP, noPieces } from '@/core/words/cutters';
import type { StageId } from './stageList';

/** What a stage says that this cutter does not have: of a page kept from before the cutter was changed, or typed by hand. */
export function Foreign({ stage, frame }: { stage: StageId; frame: Rig['frame'] }) {
  if (stage === 'tension') return <p>{NO_TAKE_UP}</p>;
  return <p>{stage === 'job' || stage === 'make' ? (noPieces(frame) ?? NO_JOBS) : noPieces(frame)}</p>;
}
