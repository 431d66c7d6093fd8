import type { Deviation } from '../documents/motion';
import type { Say } from './say';

const WHY: Readonly<Record<Deviation['why'], string>> = {
  slow: 'the machine is slower there than could be allowed for. A higher acceleration, or a round corner.',
  corner: 'the middle of the wire trails and cuts the corner. More tension, a slower feed, or a shorter wire.',
  lag: 'the middle of the wire trails where the curve is tight. More tension, a slower feed, or a shorter span.',
  taper:
    'half-way along, the kerf is neither the root’s nor the tip’s. A shorter span in two pieces, or a smaller taper.',
  'inside-corner': 'a round wire leaves a fillet in an inside corner. A narrower kerf, or a knife.',
};

const BECAUSE: Readonly<Record<Deviation['why'], (v: Deviation['values'], say: Say) => string>> = {
  slow: (v, say) =>
    `The path allows there for a kerf of ${say(v['allowedMm']!, 'slot')}; as the machine now takes it, it is ${say(v['kerfMm']!, 'slot')}. Half of the difference is on each side.`,
  corner: (v, say) =>
    `The wire turns by ${say(v['turnDeg']!, 'angle')}. At ${say(v['feedMmS']!, 'feed')} its middle trails ${say(v['lagMm']!, 'slot')} behind its ends and would cut ${say(v['plainMm']!, 'slot')} off the corner.${
      v['waitS']! > 0
        ? ` The ends wait ${say(v['waitS']!, 'time')} for it; that melts ${say(v['meltsMm']!, 'slot')} more.`
        : ' A wait would melt as much as it saves, or is not needed within the tolerance.'
    }`,
  'inside-corner': (v, say) =>
    `The wire turns by ${say(v['turnDeg']!, 'angle')} about foam that stays: its kerf of ${say(v['kerfMm']!, 'slot')} is round, and half of it does not reach into the corner.`,
  lag: (v, say) =>
    `At station ${v['station']!.toFixed(1)} the middle trails ${say(Math.abs(v['lagMm']!), 'slot')} off the line between both ends; the kerf there makes ${say(Math.abs(v['bulgeMm']!), 'slot')} of it.`,
  taper: (v, say) =>
    `At station ${v['station']!.toFixed(1)} both faces are allowed for by their own feeds; half-way the feed is between them, and the kerf ${say(Math.abs(v['bulgeMm']!), 'slot')} off their mean.`,
};

/** How a deviation is worked out, with its numbers. */
export const becauseText = (d: Deviation, say: Say): string => BECAUSE[d.why](d.values, say);

/** Where a part comes out other than wanted, and what would lessen it. */
export const deviationText = (d: Deviation, say: Say): string =>
  `${say(Math.abs(d.offMm), 'slot')} ${d.offMm > 0 ? 'proud' : 'below'} at ${say(d.at[0], 'foamSize')}, ${say(d.at[1], 'foamSize')}: ${WHY[d.why]}`;
