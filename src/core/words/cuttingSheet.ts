import type { Say } from './say';
import { blankMarks } from './blankMarks';
import { planformOf } from '../engine/template/planform';
import type { TemplatePlan } from '../engine/template/templatePlan';

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
