import { CUTTERS } from '../documents/cutters';
import type { FrameKind } from '../documents/rig';
import { timesOf } from '../engine/times';
import { storedOf } from '../engine/tune';
import type { Say } from './say';
import type { Evaluation } from '../engine/evaluation';

/** An inch is the least that tells anything; fifty millimetres are better. Common practice, no source. */
const LEAST_MM = 25;
const BETTER_MM = 50;

/** Depth in mm at which a test cut of this rig tells the truth: past where the kerf has settled, three times what stored heat cuts. */
export function testDepth(e: Evaluation): number {
  const settle = (timesOf(e)?.settle ?? 0) * 1000;
  const stored = (e.window.fastest?.feed ?? 0) * 1000 * storedOf(e.s);
  return Math.max(BETTER_MM, Math.ceil(Math.max(settle + LEAST_MM, 3 * stored) / 10) * 10);
}

/** How the offcut is held, by the cutter. */
const HELD: Record<FrameKind, string> = {
  bow: 'Held down on the bench along both sides, raised so that bow and wire clear everything; a weight on top.',
  'pulled-bow': 'Weighted down on the bench, raised so that bow, cords and wire clear everything.',
  'drop-bow': 'Set square under the guides, weighted down, with a gap below for the wire to run out into.',
  table: 'Held against the fence, flat on the table, pushed with one even hand well away from the wire.',
  slicer:
    'Flat on the board, pushed under the wire with a flat hand on top, fingers never past its front edge.',
  gantry: 'Clamped flat on the bed, square to the travel, a waste piece under it.',
  'hand-tool': 'Held down at the far end, both hands behind the tool.',
};

/** How to make a test cut that tells the truth on this rig. */
export function testCutSteps(e: Evaluation, say: Say): string[] {
  const { rig } = e.s;
  const times = timesOf(e);
  const depth = testDepth(e);
  const waits = times
    ? `Warm up for ${say(times.warmUp, 'time')}, longer after each change of the dial.`
    : 'Warm up until the amps stand still.';
  const limit = {
    hands: 'push until the wire just begins to bend, and hold it there',
    push: 'push until the wire just begins to bend, and hold it there',
    weight: 'add weight until the wire just begins to bend',
    fall: 'take counterweight off until the wire just begins to bend',
    motors: 'raise the feed from stretch to stretch until the wire just begins to bend',
  }[CUTTERS[rig.frame.kind].led];
  const settled = times?.settle
    ? ` This wire’s kerf settles after ${say(times.settle * 1000, 'depth')}; before that it cuts faster than it will.`
    : '';
  return [
    `An offcut of the same board, ${say(rig.foam.widthMm, 'foamSize')} across the wire: a narrower one leaves more wire in the air, and cools less of it.`,
    `${say(depth, 'depth')} deep or more, two lines drawn on its side at ${say(LEAST_MM, 'depth')} and ${say(BETTER_MM, 'depth')}.${settled}`,
    HELD[rig.frame.kind],
    waits,
    `Begin in waste or at a square edge, never on the piece. For the limit, ${limit}; for a grade, ${rig.frame.kind === 'gantry' ? 'run' : 'lead'} it at the feed advised.`,
    'Time between the two lines if you can: what the hot wire brings along is then left out. Press start at the touch, or inside, and say which.',
    'Gauge the kerf afterwards: the gap itself with leaves of card, or the block’s height less that of its two halves.',
    'See how far the middle hangs back: lay a straight edge from line to line on the cut face. Type that on the Tension stage.',
    'Change one thing, and cut again.',
  ];
}
