import type { Mount } from '../engine/template/mount';
import { TEMPLATE_CATALOG } from '../catalog/templateMaterials';
import type { Say } from './say';
import { blankMarks } from './blankMarks';
import { turnedSteps } from './turned';
import { planformOf } from '../engine/template/planform';
import type { TemplatePlan } from '../engine/template/templatePlan';

const mounted = (m: Mount, say: Say) =>
  `${m.end === 'root' ? 'Root' : 'Tip'} face: leading edge ${say(m.noseHeightMm, 'foamSize')} and trailing edge ${say(m.tailHeightMm, 'foamSize')} over the bench, each within ${say(m.toleranceMm, 'slot')}; leading edge ${say(m.noseFromFrontMm, 'foamSize')} and trailing edge ${say(m.tailFromFrontMm, 'foamSize')} from the front face.`;

/** What stands beside the templates on paper: mounting of both ends, material, kerf allowed for. */
export function templateLines(t: TemplatePlan, say: Say): string[] {
  const m = TEMPLATE_CATALOG[t.plan.template.material];
  const size = t.plan.blank ?? t.blank.smallest;
  return [
    `Block ${say(size.lengthMm, 'foamSize')} long, ${say(size.widthMm, 'foamSize')} wide, ${say(size.heightMm, 'foamSize')} high, ends square.`,
    mounted(t.mounts.root, say),
    mounted(t.mounts.tip, say),
    t.slot.root === null
      ? 'The wire does not cut at this setting: these templates allow for no kerf.'
      : `Allowed for: a kerf of ${say(t.slot.root, 'slot')} at the root at a feed of ${say(t.feed.root, 'feed')}, ${say(t.slot.tip, 'slot')} at the tip at ${say(t.feed.tip, 'feed')}.`,
    ...(t.plan.template.split === 'turned' ? turnedLines(t) : []),
    `${m.name[0]!.toUpperCase()}${m.name.slice(1)}, ${say(t.plan.template.thicknessMm, 'slot')}, for a wire up to ${say(m.limitC, 'temperature')}. ${m.edge} ${m.hold}`,
  ];
}

/** The two cuts of one template, a line each. */
function turnedLines(t: TemplatePlan): string[] {
  const { before, turn } = turnedSteps(t.plan.template);
  return [...before, ...turn].map((line, i) => `${i + 1}. ${line}`);
}

/** The cutting list: what to cut from the stock, and what is left. */
export function cuttingLines(t: TemplatePlan, say: Say): string[] {
  const b = t.blank;
  const { stock, piece } = t.plan;
  const n = b.nest;
  const cores = piece.pieces * (piece.hand === 'pair' ? 2 : 1);
  const cut = t.plan.blank ?? b.smallest;
  const lines = [
    `${cores} core${cores === 1 ? '' : 's'}${piece.hand === 'pair' ? ` (${piece.pieces} left, ${piece.pieces} right)` : ` (${piece.hand})`}: ${n.blanks} blank${n.blanks === 1 ? '' : 's'} of ${say(cut.lengthMm / b.lengths, 'foamSize')} × ${say(cut.widthMm, 'foamSize')} × ${say(cut.heightMm, 'foamSize')}.`,
    n.perSheet > 0
      ? `A sheet of ${say(stock.lengthMm, 'foamSize')} × ${say(stock.widthMm, 'foamSize')}${t.blank.boardMm === null ? '' : ` × ${say(t.blank.boardMm, 'foamSize')}`} gives ${n.perSheet}: ${n.rows} along it, ${n.across} across${n.headToTail ? ', head to tail' : ''}. ${n.sheets} sheet${n.sheets === 1 ? '' : 's'} wanted, ${stock.count} there.`
      : `A sheet of ${say(stock.lengthMm, 'foamSize')} × ${say(stock.widthMm, 'foamSize')} gives none: it is too small.`,
    `Left of a full sheet: ${say(n.leftLengthMm, 'foamSize')} of its length, ${say(n.leftWidthMm, 'foamSize')} of its width.`,
  ];
  if (b.layers > 1) lines.push(`Thicker than the board: part it along the chord line into ${b.layers} layers.`);
  if (b.stacked > 1) lines.push(`${b.stacked} cores go into one thickness of the board, one over the other.`);
  if (b.lengths > 1)
    lines.push(
      `Longer than the wire cuts: ${b.lengths} lengths, each with a template in common with its neighbour.`,
    );
  lines.push(
    'Square the ends first; never trust a bought edge. Centre lines on both faces and both ends. Raise the block so that bow and wire clear the bench.',
  );
  lines.push(...blankMarks(planformOf(t.plan, t.wanted, t.blank), say));
  return lines;
}
