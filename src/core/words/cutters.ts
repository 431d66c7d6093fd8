import type { FrameKind } from '../documents/rig';

/** What a cutter without planned work says of it, in a sentence; null where pieces are planned on it. */
export const NOT_PLANNED: Record<FrameKind, string | null> = {
  bow: null,
  'pulled-bow': null,
  'drop-bow': null,
  table:
    'Strips, discs and cut-outs on a table are not planned here yet: its foam, wire, power, tension and test cuts are.',
  slicer:
    'Sheets off a block are not planned here yet: the slicer’s foam, wire, power, tension and test cuts are.',
  gantry:
    'Outlines and cores on motor towers are not planned here yet: their foam, wire, power, tension and test cuts are.',
  'hand-tool': 'Grooves and pockets are not planned here yet: the loop’s foam, wire, power and test cuts are.',
};

/** What a loop says where a take-up would be set. */
export const NO_TAKE_UP = 'A shaped loop is stiff wire and holds itself: there is no tension to set.';
