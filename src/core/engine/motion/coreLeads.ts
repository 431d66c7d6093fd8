import type { Plan } from '../../documents/plan';
import type { Pt } from '../../numeric/polyline';
import type { BlankPlan } from '../template/blank';
import { edgesOf } from '../template/ends';
import { levelOver } from '../template/mount';
import { ENDS, type End, type NominalSection } from '../template/nominalSection';
import type { Block } from './play';

type Both<T> = Readonly<Record<End, T>>;

/** The edges of both ends moved out by the gap of each, mm. */
export const edgesBy = (wanted: Both<NominalSection>, g: Both<number>) => ({
  root: edgesOf(wanted.root, { top: g.root, bottom: g.root }),
  tip: edgesOf(wanted.tip, { top: g.tip, bottom: g.tip }),
});

/** The block that a plan is cut from: its blank, or the smallest; as long across the wire as the piece. */
export function blockOf(plan: Plan, blank: BlankPlan): Block {
  const { widthMm, heightMm } = plan.blank ?? blank.smallest;
  return [widthMm, plan.piece.spanMm, heightMm];
}

/** From where sections are laid out to the block's front lower edge: after its front margin, in the middle of its height. As templates are mounted. */
export function placer(plan: Plan, blank: BlankPlan): (p: Pt) => Pt {
  const along = (plan.blank?.marginMm ?? 15) - blank.box.x0;
  const up = levelOver(plan, blank);
  return ([x, y]) => [x + along, y + up];
}

/** Ways in and out long enough that both ends begin and end outside the block. */
export function leadsOf(
  plan: Plan,
  edges: ReturnType<typeof edgesBy>,
  wanted: Both<NominalSection>,
  place: (p: Pt) => Pt,
  block: Block,
  margin: number,
): { leadInMm: number; tailMm: number } {
  const ends = ENDS.flatMap((e) =>
    (['top', 'bottom'] as const).map((side) => wanted[e].lay(edges[e][side]).map(place)),
  );
  const tail = Math.max(...ends.map((l) => block[0] + margin - l.at(-1)![0]));
  const lead = Math.max(...ends.map((l) => l[0]![0] + margin));
  return { leadInMm: plan.template.split === 'outline' ? tail : lead, tailMm: tail };
}
