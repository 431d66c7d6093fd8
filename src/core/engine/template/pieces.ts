import type { Plan } from '../../documents/plan';
import { heightAt } from '../../physics/shape/surfaces';
import { arcs, between, boxOf, pointAt, type Pt } from '../../numeric/polyline';
import { turnLine } from './chordLine';
import type { Line, Pass, PassSide } from './pass';
import type { End, NominalSection } from './nominalSection';

/** A mark on a template: a short line across its edge with a number, or a line of its own. */
export interface Mark {
  readonly kind: 'station' | 'chord' | 'rest' | 'corner' | 'jig';
  readonly from: Pt;
  readonly to: Pt;
  readonly text: string;
}
/** What is drawn and printed at full size: an outline, holes, marks and words, mm. */
export interface PrintedPiece {
  readonly outline: readonly Pt[];
  readonly holes: readonly { readonly at: Pt; readonly radius: number }[];
  readonly marks: readonly Mark[];
  readonly label: readonly string[];
  readonly labelAt: Pt;
}
/** A template as it is cut out and marked, mm, as it stands at its end, seen from that end. */
export interface TemplatePiece extends PrintedPiece {
  readonly end: End;
  readonly side: PassSide;
}

/** Body of a template beyond the section, mm; pin holes' radius; length of a station's mark; before the nose, where the wire rests. Ours. */
const BODY = 14;
const PIN_RADIUS = 1;
const TICK = 4;
export const REST_BEFORE_NOSE = 10;
/** Where the pins stand along the chord. */
const PINS = [0.28, 0.62];

const SIDE_NAMES: Record<PassSide, string> = {
  top: 'TOP',
  bottom: 'BOTTOM',
  outline: 'ALL ROUND',
  square: 'STRAIGHT',
};

/** Where a template's edge lies and which way its body goes: −1 below the edge, 1 above. */
export function bodySide(plan: Plan, side: PassSide): 1 | -1 {
  return side === 'bottom' && plan.template.pinnedTo === 'core' ? 1 : -1;
}

/** The template of one end for one pass. */
export function pieceOf(plan: Plan, pass: Pass, w: NominalSection): TemplatePiece {
  const line = pass[w.end];
  const laid = w.lay(w.loop);
  const box = boxOf(laid);
  const down = bodySide(plan, pass.side);
  const block = plan.template.pinnedTo === 'block-bottom';
  const base = down === -1 ? box.y0 - BODY - (block ? (plan.blank?.marginMm ?? 15) : 0) : box.y1 + BODY;
  const first = line.points[0]!;
  const last = line.points[line.points.length - 1]!;
  const closed = pass.side === 'outline';
  const outline: Pt[] = closed ? [...line.points] : [...line.points, [last[0], base], [first[0], base]];
  return {
    end: w.end,
    side: pass.side,
    outline,
    holes: pinsOf(w, block ? base + 6 : null, plan.template.split === 'turned').map((at) => ({
      at,
      radius: PIN_RADIUS,
    })),
    marks: marksOf(plan, pass, line, w, down),
    label: labelOf(plan, pass.side, w.end),
    labelAt: closed ? middleOf(w) : [first[0] + 6, down === -1 ? base + 4 : base - 10],
  };
}

/** One pair of pin holes, at the same places for both halves: on the middle of the section, or above the foot of a template on the block. */
function pinsOf(w: NominalSection, foot: number | null, turned = false): Pt[] {
  const x0 = w.top[0]![0];
  const span = w.top[w.top.length - 1]![0] - x0;
  const middle = turned ? turnLine(w) : null;
  const at = PINS.map((share): Pt => {
    const x = x0 + share * span;
    if (middle) return between(middle[0], middle[1], share);
    const up = heightAt(w.top, x) ?? 0;
    const low = heightAt(w.bottom, x) ?? 0;
    return [x, (up + low) / 2];
  });
  const laid = w.lay(at);
  return foot === null ? laid : laid.map(([x]): Pt => [x, foot]);
}

const middleOf = (w: NominalSection): Pt => w.lay(pinsOfMiddle(w))[0]!;
const pinsOfMiddle = (w: NominalSection): Pt[] => [[w.top[0]![0] + 0.36 * w.chord, w.top[0]![1]]];

function marksOf(plan: Plan, pass: Pass, line: Line, w: NominalSection, down: 1 | -1): Mark[] {
  const along = arcs(line.points);
  const inward = pass.side === 'outline' ? 1 : down === -1 ? -1 : 1;
  const marks: Mark[] = pass.nodes.flatMap((node, i): Mark[] => {
    if (node.kind !== 'station' && node.kind !== 'corner') return [];
    const arc = line.nodes[i]!;
    const at = pointAt(line.points, along, arc);
    const a = pointAt(line.points, along, Math.max(0, arc - 0.4));
    const b = pointAt(line.points, along, arc + 0.4);
    const run = Math.hypot(b[0] - a[0], b[1] - a[1]) || 1;
    // Left of the way for a core on its left; right of it for a body below an edge led from left to right.
    const nx = (-inward * (b[1] - a[1])) / run;
    const ny = (inward * (b[0] - a[0])) / run;
    return [
      {
        kind: node.kind,
        from: at,
        to: [at[0] + TICK * nx, at[1] + TICK * ny],
        text: node.kind === 'station' ? String(node.n) : '',
      },
    ];
  });
  const nose = w.lay([w.top[0]!])[0]!;
  const tail = w.lay([[w.top[w.top.length - 1]![0], w.bottom[w.bottom.length - 1]![1]]])[0]!;
  marks.push({ kind: 'chord', from: nose, to: tail, text: 'chord line' });
  if (plan.template.leadInMm > REST_BEFORE_NOSE) {
    const at = pointAt(line.points, along, line.nodes[1]! - REST_BEFORE_NOSE);
    marks.push({ kind: 'rest', from: at, to: [at[0], at[1] + down * 8], text: 'REST' });
  }
  return marks;
}

function labelOf(plan: Plan, side: PassSide, end: End): string[] {
  if (plan.template.split === 'turned')
    return [
      `${end.toUpperCase()} · BOTH FACES`,
      plan.name || 'template',
      'first cut: this face out; block turned over: the other face out',
    ];
  const { hand } = plan.piece;
  const out =
    hand === 'pair'
      ? 'this face out: right core; other face out: left core'
      : hand === 'right'
        ? 'this face out (right core)'
        : 'this face in (left core)';
  return [`${end.toUpperCase()} · ${SIDE_NAMES[side]}`, plan.name || 'template', out];
}
