import type { EndMarks, Planform } from '../engine/template/planform';
import type { Say } from './say';

const marked = (name: string, m: EndMarks, say: Say) =>
  `${name} end: front line at ${say(m.front, 'foamSize')}, rear line at ${say(m.rear, 'foamSize')} from the squared edge${m.spars.length > 0 ? `; spars at ${m.spars.map((s) => say(s, 'foamSize')).join(', ')}` : ''}.`;

/** How a blank is marked on the sheet and cut out by straight-edges or a falling bow. Common practice, no source; sizes by geometry. */
export function blankMarks(p: Planform, say: Say): string[] {
  const seconds = (c: Planform['front']) => {
    const last = c.marks[c.marks.length - 1]!.s;
    return last === null ? '' : `, ${say(last, 'time')}`;
  };
  return [
    ...(p.skinMm > 0
      ? [
          `Shed ${say(p.skinMm, 'foamSize')} from each face first, as much from one as from the other, or it bends.`,
        ]
      : []),
    `Square one long edge and both ends of the sheet, ${say(p.spanMm, 'foamSize')} apart; measure from that edge.`,
    marked('Root', p.root, say),
    marked('Tip', p.tip, say),
    `Check by the diagonals before any cut: root front to tip rear ${say(p.diagonals[0], 'foamSize')}, root rear to tip front ${say(p.diagonals[1], 'foamSize')}.`,
    p.outMm === null
      ? 'The wire does not cut at this setting: no time and no allowance are known.'
      : `Straight-edges over and under the sheet along each line, on the blank, ${say(p.outMm, 'slot')} outside it: the kerf is ${say(p.kerfMm, 'slot')}${p.boardMm === null ? ', as through the rig’s foam' : ` through ${say(p.boardMm, 'foamSize')}`}. A mark every ${say(100, 'foamSize')} on both; or the bow falls along them, upright.`,
    `Front line ${say(p.front.lengthMm, 'foamSize')}${seconds(p.front)}; rear line ${say(p.rear.lengthMm, 'foamSize')}${seconds(p.rear)}${p.feedMmS === null ? '' : ` at ${say(p.feedMmS, 'feed')}`}.`,
    'Ends square again after cutting: a try square on both faces, then the centre lines, and spar and dowel holes where they are marked.',
  ];
}
