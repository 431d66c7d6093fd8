import type { Plan } from '../../documents/plan';
import { stationShares, type Edges } from './ends';
import type { Side, NominalSection } from './nominalSection';
import type { Pass } from './pass';
import { bareOf, mirrored, straight, around, type Bare } from './barePasses';
import { joined } from './joinedPass';

/** The passes of a plan: top and bottom apart, all round in one, or one straight cut. */
export function passesOf(
  plan: Plan,
  root: NominalSection,
  tip: NominalSection,
  rootEdges: Edges,
  tipEdges: Edges,
): Pass[] {
  const t = plan.template;
  const one = (side: Side): [Bare, Bare] => {
    const shares = stationShares(plan, root, side);
    const byArc = !(root.plain && tip.plain);
    return [bareOf(root, rootEdges, side, shares, byArc), bareOf(tip, tipEdges, side, shares, byArc)];
  };
  const order: Side[] = t.firstCut === 'bottom' ? ['bottom', 'top'] : ['top', 'bottom'];
  if (t.split === 'top-bottom') return order.map((side) => joined(plan, side, root, tip, ...one(side)));
  if (t.split === 'turned') {
    const [side, other] = order as [Side, Side];
    const first = one(side);
    return [
      joined(plan, side, root, tip, ...first),
      joined(plan, other, root, tip, mirrored(first[0], root), mirrored(first[1], tip)),
    ];
  }
  if (t.split === 'square')
    return [joined(plan, 'square', root, tip, straight(root, t.stations), straight(tip, t.stations))];
  const [topR, topT] = one('top');
  const [bottomR, bottomT] = one('bottom');
  return [joined(plan, 'outline', root, tip, around(topR, bottomR), around(topT, bottomT))];
}
