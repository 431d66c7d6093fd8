import type { Plan } from '../../documents/plan';
import { headToTail, piecesAcross, taperedAcross } from '../../physics/shape/blanks';
import { boxOf, signedArea } from '../../numeric/polyline';
import type { NominalSection } from './nominalSection';
import type { Evaluation } from '../evaluation';

/** The block a piece is cut from, the lengths and layers it is cut in, and what the stock gives. mm, g. */
export interface BlankPlan {
  /** Both ends and the twist, as they stand. */
  readonly box: ReturnType<typeof boxOf>;
  readonly smallest: { readonly lengthMm: number; readonly widthMm: number; readonly heightMm: number };
  readonly fits: boolean;
  /** What the block lacks in each size, mm; 0 where it is enough. */
  readonly lacks: { readonly lengthMm: number; readonly widthMm: number; readonly heightMm: number };
  /** Parted along the chord line into so many layers, or so many cores in one block. */
  /** Thickness of the board it comes from, mm; null where nobody said. */
  readonly boardMm: number | null;
  /** Skin to shed from each face, mm. */
  readonly skinMm: number;
  readonly layers: number;
  readonly stacked: number;
  /** Cut in so many lengths that share a template. */
  readonly lengths: number;
  readonly longestMm: number | null;
  readonly nest: Nest;
  readonly weightG: number;
}
export interface Nest {
  readonly rows: number;
  readonly across: number;
  readonly headToTail: boolean;
  readonly perSheet: number;
  readonly blanks: number;
  readonly sheets: number;
  /** Left of one full sheet: along its length and across its width, mm. */
  readonly leftLengthMm: number;
  readonly leftWidthMm: number;
  readonly widthOfPairMm: number;
}

/** Foam above and below the section that the kerf and a steady hand need, mm. Ours. */
const COVER = 3;

const widthOf = (w: NominalSection) => {
  const b = boxOf(w.lay(w.loop));
  return b.x1 - b.x0;
};

export function blankOf(
  plan: Plan,
  root: NominalSection,
  tip: NominalSection,
  slotMm: number,
  e: Evaluation,
  stretch = 1,
): BlankPlan {
  const box = boxOf([...root.lay(root.loop), ...tip.lay(tip.loop)]);
  const skin = plan.blank?.skinMm ?? (plan.rig.foam.kind === 'xps' ? 6 : 0);
  const margin = plan.blank?.marginMm ?? 15;
  const span = plan.piece.spanMm;
  const core = box.y1 - box.y0 + 2 * (slotMm + COVER);
  const smallest = {
    lengthMm: span,
    widthMm: Math.ceil(box.x1 - box.x0 + 2 * margin),
    heightMm: Math.ceil(core + 2 * skin),
  };
  const b = plan.blank;
  const lack = (want: number, have: number | undefined) => (have === undefined ? 0 : Math.max(0, want - have));
  const lacks = {
    lengthMm: lack(smallest.lengthMm, b?.lengthMm),
    widthMm: lack(smallest.widthMm, b?.widthMm),
    heightMm: lack(smallest.heightMm, b?.heightMm),
  };
  // One board: as the sheet says, else as the stage Foam does; nothing is made up where neither does.
  const boardMm = plan.stock.thicknessMm ?? plan.rig.foam.heightMm;
  const board = boardMm === null ? Infinity : boardMm - 2 * skin;
  const layers = board > 0 ? Math.max(1, Math.ceil(core / board - 1e-9)) : 1;
  const stacked = layers > 1 || !(board > 0) || boardMm === null ? 1 : Math.max(1, Math.floor(board / core));
  const room = e.wantedLength === null ? null : e.wantedLength * 1000 - plan.rig.foam.widthMm * stretch;
  // A slanted wire reaches less far from face to face.
  const longestMm = room === null ? null : Math.max(0, plan.rig.wire.lengthMm - room) / stretch;
  const lengths = longestMm !== null && longestMm > 0 ? Math.max(1, Math.ceil(span / longestMm - 1e-9)) : 1;
  const per = (plan.piece.pieces * (plan.piece.hand === 'pair' ? 2 : 1) * layers * lengths) / stacked;
  const [ar, at] = [Math.abs(signedArea(root.loop)), Math.abs(signedArea(tip.loop))];
  // Frustum of two like faces; for unlike ones it lies between the mean and the smaller.
  const volume = (span / 3) * (ar + Math.sqrt(ar * at) + at) * 1e-9;
  return {
    box,
    smallest,
    fits: lacks.lengthMm + lacks.widthMm + lacks.heightMm === 0,
    lacks,
    boardMm,
    skinMm: skin,
    layers,
    stacked,
    lengths,
    longestMm,
    nest: nestOf(
      plan,
      widthOf(root),
      widthOf(tip),
      smallest.widthMm,
      margin,
      slotMm,
      span / lengths,
      Math.ceil(per),
    ),
    weightG: volume * plan.rig.foam.densityKgM3 * 1000,
  };
}

function nestOf(
  plan: Plan,
  root: number,
  tip: number,
  square: number,
  margin: number,
  slot: number,
  length: number,
  blanks: number,
): Nest {
  const { stock } = plan;
  const rows = piecesAcross(stock.lengthMm, length, slot);
  const big = Math.max(root, tip) + margin;
  const small = Math.min(root, tip) + margin;
  const nested = taperedAcross(stock.widthMm, big, small, slot, margin);
  const plain = piecesAcross(stock.widthMm, square, slot);
  const turn = nested.pieces > plain;
  const across = turn ? nested.pieces : plain;
  const perSheet = rows * across;
  const used = turn ? nested.used : plain * (square + slot);
  return {
    rows,
    across,
    headToTail: turn,
    perSheet,
    blanks,
    sheets: perSheet > 0 ? Math.ceil(blanks / perSheet) : 0,
    leftLengthMm: Math.max(0, stock.lengthMm - rows * (length + slot)),
    leftWidthMm: Math.max(0, stock.widthMm - used),
    widthOfPairMm: headToTail(big, small, slot, margin),
  };
}
