import type { EndMarks, Planform } from '../engine/template/planform';
import type { Say } from './say';

const marked = (name: string, m: EndMarks, say: Say) =>
  `${name} end: front line at ${say(m.front, 'foamSize')}, rear line at ${say(m.rear, 'foamSize')} from the squared edge${m.spars.length > 0 ? `; spars at ${m.spars.map((s) => say(s, 'foamSize')).join(', ')}` : ''}.`;

const drilled = (name: string, m: EndMarks, say: Say) =>
  m.dowels.map(
    (d) =>
      `${name} face, dowel: ${say(d.at, 'foamSize')} from the squared edge, ${say(d.above, 'foamSize')} over the block’s lower face; a hole of ${say(d.diameterMm, 'slot')}, ${say(d.depthMm, 'foamSize')} deep.`,
  );

/** What a bow that nobody leads does along the lines. */
function byItself(p: Planform, say: Say): string[] {
  if (!p.driven) return [];
  if (!p.falls)
    return [
      'Driven by its own weight or cords the bow does not go evenly through this board: it stalls or runs away. Lead it by hand.',
    ];
  return [
    `Driven by its own weight or cords: ${say(p.falls.feedMmS, 'feed')}, front line ${say(p.front.fallsS, 'time')}, rear line ${say(p.rear.fallsS, 'time')}; its kerf is ${say(p.falls.kerfMm, 'slot')}, so the straight-edges stand ${say(p.falls.outMm, 'slot')} outside.`,
  ];
}

/** How a blank is marked on the sheet and cut out by straight-edges or a falling bow. Common practice, no source; sizes by geometry. */
export function blankMarks(p: Planform, say: Say): string[] {
  const seconds = (c: Planform['front']) => (p.led ? `, ${say(c.lengthMm / p.led.feedMmS, 'time')}` : '');
  const holes = [...drilled('Root', p.root, say), ...drilled('Tip', p.tip, say)];
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
    !p.led
      ? 'The wire does not cut at this setting: no time and no allowance are known.'
      : `Straight-edges over and under the sheet along each line, on the blank, ${say(p.led.outMm, 'slot')} outside it: the kerf is ${say(p.led.kerfMm, 'slot')}${p.boardMm === null ? ', as through the rig’s foam' : ` through ${say(p.boardMm, 'foamSize')}`}. A mark every ${say(100, 'foamSize')} on both; or the bow falls along them, upright.`,
    `Front line ${say(p.front.lengthMm, 'foamSize')}${seconds(p.front)}; rear line ${say(p.rear.lengthMm, 'foamSize')}${seconds(p.rear)}${p.led ? ` at ${say(p.led.feedMmS, 'feed')}` : ''}.`,
    ...byItself(p, say),
    `Ends square again after cutting: a try square on both faces, then the centre lines${p.root.spars.length > 0 ? ', and the spars' : ''}${holes.length > 0 ? ', and the dowel holes before the core is cut: the block is still square and lies firm under the drill' : ''}.`,
    ...holes,
  ];
}
