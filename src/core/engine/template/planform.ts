import type { Dowel, Plan } from '../../documents/plan';
import { boxOf, type Pt } from '../../numeric/polyline';
import { heightAt } from '../../physics/shape/surfaces';
import { evaluate } from '../evaluate';
import { merge } from '../merge';
import { OperatingPointSolver } from '../states';
import type { BlankPlan } from './blank';
import { drivenFeed, pullOf } from './driven';
import { levelOver } from './mount';
import type { End, NominalSection } from './nominalSection';

/** Marks of one end of a blank along its edge, mm from the sheet's squared edge: its front and rear line, each spar's middle, and each dowel's hole. */
export interface EndMarks {
  readonly front: number;
  readonly rear: number;
  readonly spars: readonly number[];
  readonly dowels: readonly DowelHole[];
}
/** A dowel's hole in the face of an end: from the squared edge and over the block's lower face, mm; the foam over and under it at the thinnest, mm. */
export interface DowelHole {
  readonly at: number;
  readonly above: number;
  readonly diameterMm: number;
  readonly depthMm: number;
  readonly wallMm: number;
}
/** A straight cut through the sheet's thickness: its length, a mark every so far with its second led, and the seconds of a bow that falls by itself. */
export interface StraightCut {
  readonly lengthMm: number;
  readonly marks: readonly { readonly mm: number; readonly s: number | null }[];
  readonly fallsS: number | null;
}
/** What goes along a straight-edge: its feed, kerf, and how far outside the line the straight-edge's edge stands, (w − d)/2. */
export interface BlankCut {
  readonly feedMmS: number;
  readonly kerfMm: number;
  readonly outMm: number;
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
  /** A cut through the board that hands lead; null where nothing is cut. */
  readonly led: BlankCut | null;
  /** One that the plan's own falling weight or cords drive through the board; null where hands lead, or where it stalls or runs away. */
  readonly falls: BlankCut | null;
  /** Whether the plan's bow is driven by nobody. */
  readonly driven: boolean;
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
    dowels: dowelsOf(plan.piece.dowels, wanted[end], edge, levelOver(plan, blank)),
  });
  const [root, tip] = [of('root'), of('tip')];
  const through = merge(plan.rig, { foam: { widthMm: blank.boardMm ?? plan.rig.foam.widthMm } });
  const e = evaluate(through);
  const states = new OperatingPointSolver(e.s);
  const cutAt = (feed: number | null): BlankCut | null => {
    const width = feed === null || e.off ? undefined : states.atFeed(feed)?.width;
    if (feed === null || width === undefined) return null;
    const [kerfMm, d] = [width * 1000, e.s.diameter * 1000];
    return { feedMmS: feed * 1000, kerfMm, outMm: Math.max(0, kerfMm - d) / 2 };
  };
  const led = cutAt(e.cut ? e.feed : null);
  const own = drivenFeed({ ...plan, rig: through }, e);
  const falls = own === null || !led ? null : cutAt(own / 1000);
  const line = (a: number, b: number): StraightCut => {
    const lengthMm = Math.hypot(spanMm, b - a);
    const at = Array.from({ length: Math.ceil(lengthMm / EVERY_MM) }, (_, i) => i * EVERY_MM);
    return {
      lengthMm,
      marks: [...at, lengthMm].map((mm) => ({ mm, s: led && mm / led.feedMmS })),
      fallsS: falls && lengthMm / falls.feedMmS,
    };
  };
  return {
    spanMm,
    root,
    tip,
    front: line(root.front, tip.front),
    rear: line(root.rear, tip.rear),
    diagonals: [Math.hypot(spanMm, tip.rear - root.front), Math.hypot(spanMm, tip.front - root.rear)],
    led,
    falls,
    driven: pullOf(plan) !== null,
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

/** Holes of the dowels that go into an end's face, in the middle of the section's thickness as it is laid out: from `edge`, and `up` higher. */
export function dowelsOf(dowels: readonly Dowel[], w: NominalSection, edge = 0, up = 0): DowelHole[] {
  return dowels
    .filter((d) => d.face === 'both' || d.face === w.end)
    .map((d) => {
      const x = w.top[0]![0] + d.at * w.chord;
      const [top, bottom] = [heightAt(w.top, x) ?? 0, heightAt(w.bottom, x) ?? 0];
      const [at, above] = w.lay([[x, (top + bottom) / 2]])[0]!;
      return {
        at: at - edge,
        above: above + up,
        diameterMm: d.diameterMm,
        depthMm: d.depthMm,
        wallMm: (top - bottom - d.diameterMm) / 2,
      };
    });
}
