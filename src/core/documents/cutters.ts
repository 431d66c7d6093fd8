import type { Method } from './method';
import type { FrameKind, Rig } from './rig';

/** What a kind of cutter is and is not: what its screens show, and what its words may speak of. */
export interface Cutter {
  /** Who or what moves the wire through the foam, or the foam past the wire. */
  readonly led: 'hands' | 'weight' | 'fall' | 'push' | 'motors';
  /** Whether pieces along templates are planned on it. */
  readonly pieces: boolean;
  /** How a new piece is driven. */
  readonly method: Method | null;
  /** Whether a take-up holds its wire: a shaped loop of stiff wire has none. */
  readonly takeUp: boolean;
  /** Whether the wire goes beyond the foam on both sides: a loop is all in foam. */
  readonly ends: boolean;
  /** As it stands in a sentence. */
  readonly called: string;
}

export const CUTTERS: Readonly<Record<FrameKind, Cutter>> = Object.freeze({
  bow: {
    led: 'hands',
    pieces: true,
    method: { kind: 'two-person' },
    takeUp: true,
    ends: true,
    called: 'the bow',
  },
  'pulled-bow': {
    led: 'weight',
    pieces: true,
    method: { kind: 'swing-arm', tipRadiusMm: 250, maxRadiusMm: 600 },
    takeUp: true,
    ends: true,
    called: 'the bow',
  },
  'drop-bow': {
    led: 'fall',
    pieces: true,
    method: { kind: 'gravity', massG: 900, counterG: 600, frictionN: 0 },
    takeUp: true,
    ends: true,
    called: 'the bow',
  },
  table: { led: 'push', pieces: false, method: null, takeUp: true, ends: true, called: 'the table' },
  slicer: { led: 'push', pieces: false, method: null, takeUp: true, ends: true, called: 'the slicer' },
  gantry: { led: 'motors', pieces: false, method: null, takeUp: true, ends: true, called: 'the towers' },
  'hand-tool': { led: 'hands', pieces: false, method: null, takeUp: false, ends: false, called: 'the loop' },
} satisfies Record<FrameKind, Cutter>);

/** Whether a bow falls between guides across a board, and so parts segments instead of pieces along templates. */
export const isDropBoard = (frame: Pick<Rig['frame'], 'kind' | 'board'>): boolean =>
  frame.kind === 'drop-bow' && frame.board === true;

/** Whether pieces along templates are planned on this cutter. */
export const hasPieces = (frame: Pick<Rig['frame'], 'kind' | 'board'>): boolean =>
  CUTTERS[frame.kind].pieces && !isDropBoard(frame);
