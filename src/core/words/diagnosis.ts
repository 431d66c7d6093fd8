import type { Cause, Place } from '../engine/diagnosis/signs';
import type { Change } from '../engine/diagnosis/change';
import type { Say } from './say';

/** A cause in words: its name, why it looks so, the change to try, and what only this cause does. */
export interface CauseWords {
  readonly name: string;
  readonly why: string;
  readonly change: (c: Change, say: Say) => string;
  readonly tell: string;
}

const at = (c: Change, say: Say, role: 'time' | 'depth' | 'wireLength' | 'force', otherwise: string) =>
  c.size === null ? otherwise : say(c.size, role);

export const CAUSE_WORDS: Record<Cause, CauseWords> = {
  'too-fast': {
    name: 'Too fast for this heat',
    why: 'The wire pushes on foam that has not melted yet and drags it along.',
    change: () => 'Cut slower, at the same setting.',
    tell: 'The wire bows while it cuts, and comes straight when you ease off.',
  },
  'too-slow': {
    name: 'Too slow for this heat',
    why: 'The wire dwells, and the kerf melts back on both sides.',
    change: () => 'Lead it faster, at the same setting.',
    tell: 'The kerf is wide all along, and narrower where you hurried.',
  },
  'too-hot': {
    name: 'Too hot',
    why: 'The wire in its kerf stands over what this foam takes without smoke.',
    change: () => 'Turn the heat down, then lead it slower.',
    tell: 'It smokes at any pace, and the idling wire may glow in the dark.',
  },
  'too-cold': {
    name: 'Too little heat',
    why: 'Even a slow hand outruns the little that this wire melts.',
    change: () => 'Turn the heat up.',
    tell: 'It drags at a crawl as well.',
  },
  'slack-wire': {
    name: 'The hot wire is slack',
    why: 'It grew, and nothing took that up: the middle hangs back.',
    change: (c, say) =>
      `Tighten it${c.size === null ? '' : ` to ${say(c.size, 'force')}`}, hot if you can measure it hot.`,
    tell: 'Push the hot wire sideways with a stick, foam away: it hardly pushes back.',
  },
  lag: {
    name: 'The middle lags',
    why: 'Drag bows the wire; on a curve its middle takes the inside.',
    change: (c, say) =>
      c.size === null ? 'Cut slower.' : `Tighten it to ${say(c.size, 'force')}, or cut slower.`,
    tell: 'Straight cuts are straight; only curves and corners come out hollow.',
  },
  'ends-uneven': {
    name: 'One end ahead of the other',
    why: 'The ends did not reach the same station together.',
    change: () => 'Number stations on both templates and call them; the longer path runs faster.',
    tell: 'The lines on the face run aslant.',
  },
  'cool-ends': {
    name: 'Unheated ends in the foam',
    why: 'Beside its clamps the wire is too cold to melt.',
    change: (c, say) => `A longer wire: ${at(c, say, 'wireLength', 'more room each side')}.`,
    tell: 'Torn strips at both faces, always as wide, clean between them.',
  },
  'template-rough': {
    name: 'A rough template',
    why: 'The wire follows every notch of the edge that leads it.',
    change: () => 'Sand and polish the edge along the travel; try a fingernail on it.',
    tell: 'The next piece has the same step at the same place.',
  },
  stopped: {
    name: 'It stood still on the way',
    why: 'Wherever the wire stands it melts a groove.',
    change: () => 'Keep it moving; if it must stop, back out of the foam or switch off.',
    tell: 'Grooves run straight across, at the moments you remember.',
  },
  'stood-at-exit': {
    name: 'It stood at the exit',
    why: 'A thin trailing edge has foam on one side only and melts away while the wire leaves.',
    change: (c, say) =>
      `Run on ${at(c, say, 'depth', 'a hand’s width')} past the trailing edge before you stop; longer lead-outs on the template.`,
    tell: 'Only the last millimetres are eaten.',
  },
  'wire-damaged': {
    name: 'A nick or kink in the wire',
    why: 'One place of the wire cuts otherwise than the rest, all the way.',
    change: () => 'Hang new wire; a kink is never straightened.',
    tell: 'The line lies at the same distance from one end through the whole cut.',
  },
  'wire-dirty': {
    name: 'Burnt plastic on the wire',
    why: 'What sticks on the wire smears and pulls strings.',
    change: () => 'Power off and cold: wipe the wire, or burn it clean in the open for some seconds.',
    tell: 'It comes and goes, and is gone after wiping.',
  },
  'uneven-foam': {
    name: 'Uneven foam',
    why: 'Hard lumps, voids or fresh regrind throw the wire.',
    change: () => 'Look the block over, press with a thumb; take another block, or cut slower through it.',
    tell: 'A cut beside it, same setting and pace, is clean.',
  },
  draught: {
    name: 'A draught',
    why: 'Moving air cools the wire outside the foam, and comes in gusts.',
    change: () => 'Shut the door, or screen the wire; keep the open air for the fumes.',
    tell: 'The amps of held volts wander with the wind.',
  },
  'supply-fades': {
    name: 'The battery fades',
    why: 'It has less to give at the end than at the start.',
    change: () => 'Charge it, or cut slower towards the end.',
    tell: 'A meter shows the volts falling while you cut.',
  },
  'stored-heat': {
    name: 'The hot wire going in',
    why: 'The idling wire is hotter than in its kerf, and spends that at the entry.',
    change: (c, say) => `Begin in waste: ${at(c, say, 'depth', 'a thumb’s width')} of it before the piece.`,
    tell: 'Only the entry looks so, every time.',
  },
  'corner-rushed': {
    name: 'Turned before the middle was there',
    why: 'At a corner the middle is still behind when the ends turn.',
    change: (c, say) => `Wait ${at(c, say, 'time', 'two seconds')} at a sharp corner, then turn.`,
    tell: 'The corner is sharp at both faces and round in the middle.',
  },
  'corner-overstayed': {
    name: 'Waited too long at the corner',
    why: 'Standing still melts on and on.',
    change: (c, say) => `Wait no longer than ${at(c, say, 'time', 'two seconds')}; on a curve never.`,
    tell: 'The melted place is round the wire’s own position, at the faces as well.',
  },
  'template-chills': {
    name: 'Metal templates chill the wire',
    why: 'Thick metal takes the heat from the wire that lies on it.',
    change: () => 'Thinner templates, or wood, card or laminate; or a hotter wire and more pace.',
    tell: 'Millimetres beside the template are torn, and not on the side without one.',
  },
  'halves-rewelded': {
    name: 'The halves weld again',
    why: 'This foam stays sticky behind the wire.',
    change: () => 'Keep the halves apart with wedges or paper as you go.',
    tell: 'It peels apart by hand, with strings.',
  },
};

export const PLACE_WORDS: Record<Place, string> = {
  'all-over': 'all over',
  entry: 'where it went in',
  middle: 'in the middle of the wire',
  'one-end': 'at one end of the wire',
  'both-edges': 'along both faces',
  corner: 'at a corner',
  exit: 'where it came out',
  'here-and-there': 'here and there',
  curve: 'on a curve',
};
