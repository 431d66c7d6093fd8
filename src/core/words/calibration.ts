import type { Calibration, CalibrationKind } from '../documents/keptMachine';
import type { Doubt, Said } from '../engine/motion/calibrate';
import type { Say } from './say';

/** Measurements of a machine, as they are chosen. */
export const CALIBRATION_NAMES: Readonly<Record<CalibrationKind, string>> = {
  scale: 'Scale of an axis',
  backlash: 'Backlash of an axis',
  square: 'Ends at their stops',
  diagonals: 'A rectangle, both diagonals',
  slab: 'A slab, gauged at its corners',
  switch: 'A limit switch, by hand',
  zero: 'Zero of the turning axis',
};

/** How each is done. */
export const CALIBRATION_HOW: Readonly<Record<CalibrationKind, string>> = {
  scale:
    'Wire cold. Send the axis a way of 200 mm or more, gauge what it went, always coming from the same side.',
  backlash: 'Come to one mark from the left and from the right; note how far both readings lie apart.',
  square:
    'Both ends at their stops. Gauge from the frame to the wire at both: the difference is how far the left one stands ahead.',
  diagonals: 'Cut a rectangle of 300 mm or more and gauge its sides and both diagonals.',
  slab: 'Cut a slab off a level block and gauge its thickness at the four corners.',
  switch: 'Wire cold, the axis creeping. Press its switch by hand: the axis must stop at once.',
  zero: 'Turn a test piece of two sides to a known thickness and gauge it.',
};

const DOUBT_TEXT: Readonly<Record<Doubt, string>> = {
  'short-way': 'Under 200 mm the gauge is measured as much as the axis: take a longer way.',
  'no-whole-teeth': 'That is no whole number of teeth: the measuring, the belt’s pitch, or lost steps.',
  'not-its-lead': 'That is not what its screw or gear gives: the measuring, its lead, or lost steps.',
  'large-change': 'It changes by over 5 %: measure once more before it is believed.',
  'much-backlash': 'That much is seen in every corner: tighten the belt or the nut first.',
  'switch-dead': 'The axis did not stop. Nothing is run before it does.',
  'large-skew': 'Over 0.3° is seen in a part: right the frame before anything else.',
};

const angle = (deg: number) => `${Math.abs(deg).toFixed(2)}°`;

/** What a measurement says, in somebody's units; one sentence after another. */
export function calibrationText(kind: CalibrationKind, said: Said, say: Say): string {
  const out: string[] = [];
  if (kind === 'scale' && said.now !== null)
    out.push(
      `New scale: ${Number(said.now.toPrecision(6))} steps a mm${said.teeth === null ? '' : `, a pulley of ${said.teeth.toFixed(2)} teeth`}.`,
    );
  if (kind === 'backlash' && said.now !== null) out.push(`Backlash: ${say(said.now, 'slot')}.`);
  if (kind === 'zero' && said.now !== null) out.push(`New zero above the axis: ${say(said.now, 'slot')}.`);
  if (said.deg !== null)
    out.push(kind === 'diagonals' ? `Out of square by ${angle(said.deg)}.` : `Askew by ${angle(said.deg)}.`);
  if (said.move)
    out.push(
      said.move.how === 'up'
        ? `Raise the ${said.move.end} end by ${say(said.move.mm, 'slot')}.`
        : `Advance the ${said.move.end} end by ${say(said.move.mm, 'slot')}.`,
    );
  if (kind === 'switch' && said.doubts.length === 0) out.push('It stops its axis.');
  return [...out, ...said.doubts.map((d) => DOUBT_TEXT[d])].join(' ');
}

/** By how much a gauged way is off what was commanded. */
const apart = (mm: number, say: Say) =>
  Math.abs(mm) < 1e-6 ? 'the same' : `${say(Math.abs(mm), 'slot')} ${mm < 0 ? 'short' : 'over'}`;

/** A measurement of the history in a line: which axis or what it was, before and after. */
export function calibrationLine(c: Calibration, say: Say): string {
  switch (c.kind) {
    case 'scale':
      return `${c.axis}: ${say(c.commandedMm, 'foamSize')} commanded, gauged ${apart(c.measuredMm - c.commandedMm, say)}; ${Number(c.was.toPrecision(5))} to ${Number(c.now.toPrecision(5))} steps a mm`;
    case 'backlash':
      return `${c.axis}: backlash ${say(c.apartMm, 'slot')}`;
    case 'square':
      return `left end ${say(Math.abs(c.aheadMm), 'slot')} ${c.aheadMm < 0 ? 'behind' : 'ahead'}`;
    case 'diagonals':
      return `diagonals differ by ${say(Math.abs(c.diagonalsMm[0] - c.diagonalsMm[1]), 'slot')}`;
    case 'slab':
      return `corners ${c.cornersMm.map((t) => say(t, 'slot')).join(', ')}`;
    case 'switch':
      return `${c.axis}: ${c.stopped ? 'stopped' : 'did not stop'}`;
    case 'zero':
      return `${say(c.measuredMm, 'slot')} for ${say(c.wantedMm, 'slot')}; zero ${say(c.was, 'slot')} to ${say(c.now, 'slot')}`;
  }
}
