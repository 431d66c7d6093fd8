import { timedByHand } from '../../documents/rigDefaults';
import type { Plan } from '../../documents/plan';
import { evaluate } from '../evaluate';
import { merge } from '../merge';
import { CORNER_DEG } from './ends';
import { pullOf } from './driven';
import type { AtFeed } from './heat';
import { edgeLength } from './method';
import type { Pass } from './pass';
import type { End } from './nominalSection';

/** What the pace of a plan is found with. */
export function paceOptions(plan: Plan) {
  return {
    toleranceMm: plan.toleranceMm,
    byHand: timedByHand(plan.rig),
    unled: pullOf(plan) !== null,
    corner: CORNER_DEG,
  };
}

/** Mean feed of each end over all passes: the longer way at the advised feed, both ends reaching each station together. */
export function feedsOf(passes: readonly Pass[], h: AtFeed | null): Record<End, number | null> {
  if (!h) return { root: null, tip: null };
  let seconds = 0;
  const way = { root: 0, tip: 0 };
  for (const pass of passes) {
    for (let i = 1; i < pass.nodes.length - 2; i++) {
      const r = pass.root.nodes[i + 1]! - pass.root.nodes[i]!;
      const t = pass.tip.nodes[i + 1]! - pass.tip.nodes[i]!;
      seconds += Math.max(r, t) / h.advised;
    }
    way.root += edgeLength(pass.root);
    way.tip += edgeLength(pass.tip);
  }
  return { root: way.root / seconds, tip: way.tip / seconds };
}

/** Kerf in the plane of a face at a feed, as `solve` gives it for the rig at that feed, mm. */
export function slotAt(rig: Plan['rig'], feed: number | null, stretch: number): number | null {
  if (feed === null) return null;
  const cut = evaluate(merge(rig, { cut: { feedMmS: feed } })).cut;
  return cut === null ? null : cut.width * 1000 * stretch;
}
