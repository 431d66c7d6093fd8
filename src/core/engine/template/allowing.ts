import type { Plan } from '../../documents/plan';
import { signedDistance } from '../../numeric/inside';
import { apart, arcs, nearest, pointAt, type Pt } from '../../numeric/polyline';
import type { Allowance } from '../../physics/shape/allowance';
import type { Slots } from './feedSchedule';
import type { Allowed } from './forecast';
import type { End, NominalSection, Side } from './nominalSection';
import type { PassSide } from './pass';

type Both<T> = Readonly<Record<End, T>>;

/** Edges as they are, cut ones, a maker's own or those of this heat: how much each stands out, beside what this heat asks for. */
export interface Standing {
  readonly slots: Slots;
  readonly is: Both<Allowance>;
  readonly now: Both<Allowance>;
}

/** A kerf allowed for, mm, by an edge that stands `is` beyond what is wanted where this heat asks for `now`: twice what it is off. */
function allowedFor(plan: Plan, slot: number, is: number, now: number): number {
  const sense = plan.template.round === 'inside' ? -1 : 1;
  return slot + 2 * sense * (is - now);
}

/** The kerf that the edges of a pass allow for from place to place. Only an own edge, and one that serves both faces, differs along its length. */
export function allowingOf(plan: Plan, wanted: Both<NominalSection>, s: Standing): (side: PassSide) => Allowed {
  const loops = { root: wanted.root.lay(wanted.root.loop), tip: wanted.tip.lay(wanted.tip.loop) };
  const { own, split, pinnedTo, firstCut } = plan.template;
  const turned = split === 'turned';
  // Turned over in its offcut a core sinks straight down: a face that slopes gains less by it than it lost.
  const sinks = turned && pinnedTo === 'block-bottom' && firstCut === 'top';
  return (side) => (ends) => {
    const edge = side === 'bottom' ? 'bottom' : 'top';
    const at = (end: End) => {
      const owned = side === 'outline' ? own[end].top || own[end].bottom : side !== 'square' && own[end][side];
      const out = owned || turned ? signedDistance(loops[end], ends[end]) : s.is[end][edge];
      const fit = allowedFor(plan, s.slots[end], out, s.now[end][edge]);
      return sinks ? fit - s.slots[end] * (1 - levelAt(loops[end], ends[end])) : fit;
    };
    return { root: at('root'), tip: at('tip') };
  };
}

/** How level a loop runs beside a point: the cosine of its slope there. */
function levelAt(loop: readonly Pt[], p: Pt): number {
  const closed = [...loop, loop[0]!];
  const along = arcs(closed);
  const { arc } = nearest(closed, p);
  const a = pointAt(closed, along, Math.max(0, arc - 0.05));
  const b = pointAt(closed, along, arc + 0.05);
  return Math.abs(b[0] - a[0]) / (apart(a, b) || 1);
}

/** The kerf that each end's edges fit best over their whole length; of a pair that serves both faces there is one edge. */
export function allowedOver(plan: Plan, s: Standing): Slots {
  const { split, firstCut } = plan.template;
  const sides: readonly Side[] = split === 'turned' ? [firstCut] : ['top', 'bottom'];
  const of = (end: End) => {
    const each = sides.map((side) => allowedFor(plan, s.slots[end], s.is[end][side], s.now[end][side]));
    return each.reduce((sum, v) => sum + v, 0) / each.length;
  };
  return { root: of('root'), tip: of('tip') };
}
