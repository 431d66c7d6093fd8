import type { Plan } from '../../documents/plan';
import { boxOf, type Pt } from '../../numeric/polyline';
import { heightAt } from '../../physics/shape/surfaces';
import { evaluate } from '../evaluate';
import { merge } from '../merge';
import type { BlankPlan } from './blank';
import type { End, NominalSection } from './nominalSection';

/** Marks of one end of a blank along its edge, mm from the sheet's squared edge: its front and rear line, and each spar's middle. */
export interface EndMarks {
  readonly front: number;
  readonly rear: number;
  readonly spars: readonly number[];
}
/** A straight cut through the sheet's thickness: its length, and a mark every so far with its second. */
export interface StraightCut {
  readonly lengthMm: number;
  readonly marks: readonly { readonly mm: number; readonly s: number | null }[];
}
/** A blank as it is marked on a sheet, seen from above; root and tip `spanMm` apart. */
export interface Planform {
  readonly spanMm: number;
  readonly root: EndMarks;
  readonly tip: EndMarks;
  readonly front: StraightCut;
  readonly rear: StraightCut;
  /** From corner to corner: root front to tip rear, root rear to tip front. */
  readonly diagonals: readonly [number, number];
  /** How far the straight-edges' edge stands outside the lines, (w − d)/2; null without a kerf. */
  readonly outMm: number | null;
  /** Kerf and feed of a cut through the board; null where nothing is cut. */
  readonly kerfMm: number | null;
  readonly feedMmS: number | null;
  /** Thickness that is cut through, mm; null where nobody said. */
  readonly boardMm: number | null;
  readonly skinMm: number;
}

/** Marks along a straight cut this far apart, mm. Ours. */
const EVERY_MM = 100;

/** A piece's blank as two straight lines round its planform, a margin before and behind it at each end. */
export function planformOf(
  plan: Plan,
  wanted: Readonly<Record<End, NominalSection>>,
  blank: BlankPlan,
): Planform {
  const margin = plan.blank?.marginMm ?? 15;
  const spanMm = plan.piece.spanMm / blank.lengths;
  const boxes = { root: boxOfEnd(wanted.root), tip: boxOfEnd(wanted.tip) };
  const edge = Math.min(boxes.root.x0, boxes.tip.x0) - margin;
  const of = (end: End): EndMarks => ({
    front: boxes[end].x0 - margin - edge,
    rear: boxes[end].x1 + margin - edge,
    spars: plan.template.slots.map((s) => sparAt(wanted[end], s.at, s.side)[0] - edge),
  });
  const [root, tip] = [of('root'), of('tip')];
  const through = blank.boardMm ?? plan.rig.foam.widthMm;
  const e = evaluate(merge(plan.rig, { foam: { widthMm: through } }));
  const feedMmS = e.off || e.feed === null || !e.cut ? null : e.feed * 1000;
  const kerfMm = e.off || !e.cut ? null : e.cut.width * 1000;
  const line = (a: number, b: number): StraightCut => {
    const lengthMm = Math.hypot(spanMm, b - a);
    const at = Array.from({ length: Math.ceil(lengthMm / EVERY_MM) }, (_, i) => i * EVERY_MM);
    return {
      lengthMm,
      marks: [...at, lengthMm].map((mm) => ({ mm, s: feedMmS === null ? null : mm / feedMmS })),
    };
  };
  return {
    spanMm,
    root,
    tip,
    front: line(root.front, tip.front),
    rear: line(root.rear, tip.rear),
    diagonals: [Math.hypot(spanMm, tip.rear - root.front), Math.hypot(spanMm, tip.front - root.rear)],
    outMm: kerfMm === null ? null : Math.max(0, kerfMm - e.s.diameter * 1000) / 2,
    kerfMm,
    feedMmS,
    boardMm: blank.boardMm,
    skinMm: blank.skinMm,
  };
}

const boxOfEnd = (w: NominalSection) => boxOf(w.lay(w.loop));

/** Where a spar's middle lies on a surface, laid out: a share of the chord from the nose. */
function sparAt(w: NominalSection, share: number, side: 'top' | 'bottom'): Pt {
  const x = w.top[0]![0] + share * w.chord;
  return w.lay([[x, heightAt(w[side], x) ?? 0]])[0]!;
}
