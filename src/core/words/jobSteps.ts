import type { LoopShape } from '../documents/loopShapes';
import type { ControlKind } from '../documents/control';
import type { StepFigures } from '../documents/worksheet';
import type { StepCode } from '../documents/stepCodes';
import type { Values } from '../documents/reading';
import { controlSettingText } from './control';
import type { Say } from './say';

export const SHAPE_NAMES: Readonly<Record<LoopShape, string>> = {
  u: 'U with a round foot',
  rectangle: 'rectangle',
  vee: 'vee',
  'half-round': 'half-round',
  slot: 'narrow, straight sides',
};

type Teller = (v: Values, say: Say) => string;
const num = (v: Values, key: string) => v[key] as number | null;
const turnsText = (n: number | null) => (n === null ? '–' : n.toFixed(2));
const once = (seconds: number | null, say: Say) => say(seconds, 'time');

/** Each step of a worksheet in a sentence or two. */
const TELLERS: Readonly<Record<StepCode, Teller>> = {
  'set-heat': (v, say) =>
    `Set the heat: ${v['control'] === 'none' ? `${say(num(v, 'volts'), 'volts')} straight from the supply` : controlSettingText(v['control'] as ControlKind, num(v, 'setting'), say)}${v['control'] === 'amps' ? '' : `, about ${say(num(v, 'amps'), 'amps')} on the meter`}. Wait ${say(num(v, 'warmUpS'), 'time')} before the first cut. Open air, glasses, sleeves.`,
  'set-spacers': (v, say) =>
    `Lay spacers of ${say(num(v, 'spacerMm'), 'slot')} flush with both edges of the board, under the wire${num(v, 'cards') === null ? '. Measure ten cards of the stack together and take a tenth each' : `: two strips ${say(num(v, 'stripMm'), 'foamSize')} long, each of ${String(v['cards'])} cards of ${say(num(v, 'cardMm'), 'slot')}`}. Taped under pull, no tape inside.`,
  'set-turns': (v, say) =>
    `Lower the wire until it lies on the board at both ends, then give both screws ${turnsText(num(v, 'turns'))} turns. The middle of the wire then stands ${say(num(v, 'axisMm'), 'slot')} over the board.`,
  'insulate-spacers': () =>
    'Card and wood insulate. Kitchen foil laid on top as a contact counts as height and must not reach round to the other side: there it shorts the wire.',
  'skin-off': (v, say) =>
    `Take the skins off first, ${say(num(v, 'skinsMm'), 'foamSize')} in all. The first slice off a rough face is waste.`,
  'test-sheet': (v, say) =>
    v['widthMm'] === undefined
      ? 'Cut one and gauge it.'
      : `Cut one for a test and gauge it at four corners, ${say(num(v, 'widthMm'), 'foamSize')} apart.`,
  'raise-end': (v, say) =>
    `Raise the ${String(v['end'])} end by ${say(num(v, 'raiseMm'), 'slot')}${num(v, 'turns') === null ? '' : `, ${turnsText(num(v, 'turns'))} turns of its screw`}, and cut the test anew.`,
  'ten-sheets': (v) =>
    `Cut ${String(v['sheets'])}, lay them together, gauge the stack and enter it: it tells the kerf of this wire in this foam.`,
  push: (v, say) =>
    `Push evenly at ${say(num(v, 'feedMmS'), 'feed')}: a centimetre every ${say(num(v, 'secondsPerTone'), 'time')}. Never stop in the cut.`,
  slide: (v, say) =>
    `Or let the block slide: raise one end of the board to ${say(num(v, 'deg'), 'angle')} for the whole block${num(v, 'lastDeg') === null ? '' : `, ${say(num(v, 'lastDeg'), 'angle')} for the last slice`}. ${v['tried'] === 'yes' ? `Friction as tried, ${num(v, 'friction')!.toFixed(2)}.` : 'Friction is taken as 0.3 until it is tried: wire off, raise the board until the block slides by itself.'}`,
  weigh: (v, say) => `Weigh one: ${say(num(v, 'gramsPerM2'), 'mass')} a square metre at this foam’s density.`,
  'set-fence': (v, say) =>
    `Set the fence ${say(num(v, 'fenceMm'), 'foamSize')} from the middle of the wire, measured at the table.`,
  'set-tilt': (v, say) =>
    num(v, 'shiftMm') === null
      ? `Set the guides to ${say(num(v, 'tiltDeg'), 'angle')} from square.`
      : `Move the upper anchor ${say(Math.abs(num(v, 'shiftMm')!), 'foamSize')} ${num(v, 'shiftMm')! < 0 ? 'away from' : 'towards'} the ${String(v['to'])} and hang the wire on at ${say(num(v, 'wireMm'), 'wireLength')}. Set its tension anew: the heat was worked out for the longer wire.`,
  'square-check': (v, say) =>
    `Check for square without a square: cut ${say(num(v, 'thickMm'), 'foamSize')} foam, flip one half, lay the faces together. The gap is twice the error.`,
  'first-edge': (v) =>
    num(v, 'tiltDeg') === 0
      ? 'Take a straight edge off the board first; it runs along the fence.'
      : 'Cut the first edge to the tilt; it is waste, and its slanted face then runs along the fence.',
  rip: (v, say) =>
    `The board is ${say(num(v, 'alongMm'), 'foamSize')} long: let a weight take up the wire, weight the frame down, support the board before and behind, and do not pause.`,
  'hole-first': () => 'Cut the hole first, while the foam round it is whole.',
  'set-pin': (v, say) =>
    `Set the pin ${say(num(v, 'pinMm'), 'foamSize')} from the middle of the wire: half a kerf is allowed for at a radius of ${say(num(v, 'radiusMm'), 'foamSize')}.`,
  'lead-in': (v, say) =>
    `Go straight in through waste until the foam’s centre lies on the pin, ${say(num(v, 'radiusMm'), 'foamSize')} from the wire. That leaves a slit: mark it, it is glued or lies in waste.`,
  turn: (v, say) => `Turn once round in ${say(num(v, 'seconds'), 'time')}, evenly, and out the way it came in.`,
  'measure-disc': () => 'Measure across twice, at right angles.',
  'template-smaller': (v, say) =>
    `Make a template with an opening ${say(num(v, 'templateMm'), 'slot')} smaller all round than the hole and pin it on top${v['below'] === 'yes' ? ' and a second one below, the one straight over the other' : ''}. The wire rides inside it.`,
  'template-larger': (v, say) =>
    `Make a template ${say(num(v, 'templateMm'), 'slot')} larger all round than the piece and pin it on top${v['below'] === 'yes' ? ' and a second one below, the one straight over the other' : ''}: the kerf reaches that far under it.`,
  'cut-round': (v, say) =>
    `Come in through waste to the template, go once round it with the wire touching, ${once(num(v, 'seconds'), say)} at ${say(num(v, 'feedMmS'), 'feed')}, and out the way it came in. Never stop while it touches.`,
  'let-go': (v, say) =>
    `Power off, wire cold. Write down how it hangs: ${say(num(v, 'tensionN'), 'force')}, a note of ${say(num(v, 'pluckHz'), 'pitch')}. Unhook it at the upper anchor${num(v, 'takeUpMm') === null ? '' : `; the take-up has ${say(num(v, 'takeUpMm'), 'depth')} of travel`}.`,
  'rest-first': (v, say) =>
    `Not sure of the heat? Lean the foam on the idling wire and raise the heat until it just sinks in by itself: that is about ${say(num(v, 'feedMmS'), 'feed')}, a third of the max feed.`,
  pierce: () => 'Pierce the block upright with a hot needle inside the waste, and thread the cold wire.',
  'hang-again': (v, say) =>
    `Hang the wire on again at the same tension: ${say(num(v, 'tensionN'), 'force')}, ${say(num(v, 'pluckHz'), 'pitch')} when plucked. Another tension is another wire lag.`,
  'cut-inside': (v, say) =>
    `Cut along the inside of the template, ${once(num(v, 'seconds'), say)} round at ${say(num(v, 'feedMmS'), 'feed')}. Power off, wait until the wire is cold, let go, free the waste.`,
  'bend-loop': (v, say) =>
    `Bend ${v['shape'] === 'own' ? 'the loop by its printed outline,' : `a ${SHAPE_NAMES[v['shape'] as LoopShape]}`} ${say(num(v, 'loopMm'), 'foamSize')} wide outside, of ${say(num(v, 'wireMm'), 'wireLength')} of wire between the terminals.`,
  'short-leads': (v, say) =>
    `Short, thick leads and bright contacts: at ${say(num(v, 'amps'), 'amps')} the wire itself needs less voltage than a poor contact takes.`,
  'set-collar': (v, say) =>
    `Set the collar or the sledge ${say(num(v, 'depthMm'), 'foamSize')} above the loop’s foot; its kerf does the rest.`,
  'set-straight-edge': (v, say) =>
    `Lay the straight edge ${say(num(v, 'halfMm'), 'foamSize')} and half the collar’s width from the middle of the groove.`,
  passes: (v, say) =>
    `${String(v['passes'])} passes side by side, ${say(num(v, 'apartMm'), 'foamSize')} apart.`,
  'draw-loop': (v, say) =>
    `Draw the loop at ${say(num(v, 'feedMmS'), 'feed')} along ${say(num(v, 'lengthMm'), 'foamSize')}; let the heat lead, never press.`,
  'tip-board': (v, say) =>
    `Tip the board ${say(num(v, 'tipDeg'), 'angle')} about its long edge, so that the wire leans on its guides with ${say(num(v, 'leanN'), 'force')}.`,
  'board-relief': (v, say) =>
    `Saw a relief in the board below the cut, a few millimetres wide and ${say(num(v, 'deepMm'), 'foamSize')} deep: the wire parts the foam all the way through and never rests on wood.`,
  'set-stop': (v, say) =>
    `Set the stop ${say(num(v, 'stopMm'), 'foamSize')} from the middle of the wire for the longest piece; each next one has its own stop in the list, or its length and half a kerf from a fresh face.`,
  part: (v, say) =>
    `Let the wire fall: ${once(num(v, 'seconds'), say)} a cut, ${String(v['count'])} pieces. Hands stay out of its way; number each piece and mark its grain.`,
  'turn-over': (v, say) =>
    `Turn every second piece over: what would add up to ${say(num(v, 'openMm'), 'slot')} leaves ${say(num(v, 'turnedMm'), 'slot')}.`,
  'try-switches': () =>
    'Motors on, wire cold. Press each limit switch by hand: the axis must stop. A closed switch that opens stops it even when its lead breaks.',
  'home-axes': () =>
    'Home all axes that move an end; a turning axis stays where it is. The wire must come to rest square to the travel.',
  'set-block': (v, say) =>
    `Block on the bed, ${say(num(v, 'longMm'), 'foamSize')} along the feed and ${say(num(v, 'highMm'), 'foamSize')} high, weighted or taped. Its front lower edge is the zero point: at ${say(num(v, 'x'), 'foamSize')} and ${say(num(v, 'y'), 'foamSize')} of the machine. Bring the cold wire there and look at both ends.`,
  'run-in-air': (v, say) =>
    `Run it once with the wire cold and without the block. It comes in ${num(v, 'entryY') === null ? `${say(num(v, 'marginMm'), 'foamSize')} off the block` : `at ${say(num(v, 'entryX'), 'foamSize')}, ${say(num(v, 'entryY'), 'foamSize')}`} and must leave the foam before it ends; a hand on the switch that stops it.`,
  'run-code': (v, say) =>
    `Run the code, ${say(num(v, 'seconds'), 'time')} with the warm-up. Stay with it: a wire that stops in foam melts on, and may set it alight. Glasses, sleeves, open air.`,
  'measure-part': () => 'Measure the first part across, and log it: the kerf tunes the next one.',
  'gauge-core': (v, say) =>
    `Gauge the core: thickest at its root and at its tip, ${say(num(v, 'tipMm'), 'slot')}. Log both: the kerf tunes the next one.`,
  'hold-block': (v, say) =>
    `Block on its spindle, held at both ends within ${say(num(v, 'spindleMm'), 'foamSize')} of the axis, the axis through its middle. Its front lower edge is the zero point: at ${say(num(v, 'x'), 'foamSize')} and ${say(num(v, 'y'), 'foamSize')} of the machine; the axis is ${say(num(v, 'axisMm'), 'foamSize')} above it. The turning axis stays where it is when the others are homed.`,
  'turn-clear': (v, say) =>
    `Turn the block once by hand, the cold wire ${say(num(v, 'reachMm'), 'foamSize')} over the axis: no corner may touch it. Between sides it turns ${say(num(v, 'turnDeg'), 'angle')}.`,
  'gauge-turned': () =>
    'Gauge the piece across two opposite sides where it is thickest. Half of what it is too thick goes to “Zero above axis”.',
  'gauge-slots': (v) =>
    `Gauge the ${String(v['count'])} kerfs half-way in, with drill shanks or strips, and type each into the table: so many cuts are logged. The marks beside a cut are its number.`,
  'power-off': () =>
    'Power off, let the wire cool before it is touched, put down what was made and what was measured.',
  'cut-parts': () =>
    'Cut, drill and sand the parts by the list. Anything that hot wire can touch is metal, ceramic or glass fibre.',
  'drill-hole': (v, say) =>
    `Drill the board ${say(num(v, 'reachMm'), 'foamSize')} from the post, straight under the arm’s end, and set the lower bolt ${say(num(v, 'offMm'), 'slot')} off the middle of the hole: the wire then rises through its middle.`,
  'fit-bush': () =>
    'Press the sleeve into the hole and saw the slit from the board’s edge to it, so that the wire slides in. The sleeve touches no lead.',
  'bend-arm': (v, say) =>
    `Bend the arm in by ${say(num(v, 'gapMm'), 'foamSize')} and hold it there while the wire is hung on: let go, it pulls ${say(num(v, 'pullN'), 'force')}.`,
  'hang-wire': (v, say) =>
    `Hang the wire on: two turns about each bolt between washers, ${say(num(v, 'pullN'), 'force')} cold. Glasses on: a wire under tension whips when it breaks.`,
  'set-supports': (v, say) =>
    `Set the supports ${say(num(v, 'apartMm'), 'foamSize')} apart, square to the side rails, at one height: lay the wire on the board first and lift both alike.`,
  'insulation-test': (v) =>
    `Supply unplugged, wire off at one end: with a meter on ohms there must be no reading between one lead and the other, nor between either lead and ${v['metal'] === 'yes' ? 'the metal of the frame' : 'any metal of the frame'}. A metal supply socket ties the frame to the supply’s minus: insulate it too.`,
  'relief-test': (v, say) =>
    `Pull each cord with ${say(num(v, 'pullN'), 'force')}, about the weight of five litres of water: the clamp must hold it and no contact may move.`,
  'first-heat': () =>
    'Then heat it for the first time by the steps of the page First heat, in open air. Anything on the mains side is by local code and for licensed people.',
};

/** One step of a worksheet in somebody's units. */
export const stepText = (s: Pick<StepFigures, 'code' | 'values'>, say: Say): string =>
  TELLERS[s.code](s.values, say);

const ROLES = {
  mm: 'slot',
  'mm/s': 'feed',
  s: 'time',
  g: 'mass',
  deg: 'angle',
  N: 'force',
  turns: 'count',
} as const;

/** What should be read when a step is done: a value, and from where to where is good. */
export function shouldReadText(r: NonNullable<StepFigures['shouldRead']>, say: Say): string {
  const tell = (x: number) => (r.unit === 'turns' ? x.toFixed(2) : say(x, ROLES[r.unit]));
  return r.value === 0
    ? `at most ${tell(r.high)}`
    : `${tell(r.value)}, good from ${tell(r.low)} to ${tell(r.high)}`;
}
