import type { Plan } from '../../documents/plan';
import { GRAVITY as G_N } from '../../physics/heat/loss';
import { shareForPull } from '../../physics/tension/pulled';
import type { AtFeed } from './heat';
import { hungAt, spanDrag, type Arm } from './driven';
import { pulledOf } from './pulledWire';
import type { Pass } from './pass';
import { walkerOf } from './walk';
import type { FeedSchedule } from './feedSchedule';
import type { Evaluation } from '../evaluation';

/** The force along the way that holds the feed at a station, N: over 0 pulled, under 0 held back; and what the drive gives there. */
export interface PullAt {
  readonly n: number;
  readonly newtons: number;
  /** Grams to add to the drive (under 0: to take off) so that the feed holds; of an arm, to what hangs on it when it is level. */
  readonly grams: number;
  /** What an unled drive does here. */
  readonly does: 'holds' | 'stalls' | 'runs-away';
}

/** What a method's own weight or cords give along a direction (ux along the bench or down the fall, uy up), N; null where hands lead. */
function given(plan: Plan, ux: number, uy: number): number | null {
  const m = plan.method;
  if (m.kind === 'gravity') return (((m.massG - m.counterG) / 1000) * G_N - m.frictionN) * ux;
  if (m.kind === 'equal-pull') return 2 * m.pullN * ux - weight(plan) * uy;
  return null;
}
/** What of the bow's weight the wire has to bear, N. */
const weight = (plan: Plan) => (plan.bow.hung ? 0 : (plan.bow.massG / 1000) * G_N);

/** An arm and what hangs on it when it is level, g. */
export type Hanging = Arm & { readonly hangG: number };

const feedsOn = (leg: FeedSchedule['legs'][number]) => ({
  root: leg.root / leg.seconds,
  tip: leg.tip / leg.seconds,
});

/** Degrees of an arm from level where the wire is at a node: its cords pay out their arcs, and it is level half-way. */
export function degAt(pass: Pass, node: number, arm: Arm): number {
  const end = arm.root >= arm.tip ? 'root' : 'tip';
  const { nodes } = pass[end];
  const half = (nodes[0]! + nodes[nodes.length - 1]!) / 2;
  return ((nodes[node]! - half) / arm[end]) * (180 / Math.PI);
}

/** The force that holds the feed at each station of a pass: drag at the feed there, and the bow's own weight up or down the slope. */
export function pullsOf(
  plan: Plan,
  pass: Pass,
  paced: FeedSchedule,
  h: AtFeed,
  e: Evaluation,
  arm: Hanging | null = null,
): PullAt[] {
  const walk = walkerOf(pass);
  const pulled = pulledOf(e);
  return pass.nodes.flatMap((node, i): PullAt[] => {
    if (node.kind !== 'station' || i >= walk.count) return [];
    const leg = paced.legs[Math.min(i, walk.count - 2)]!;
    const a = walk.middleAt(i, 0);
    const b = walk.middleAt(i, 0.5);
    const run = Math.hypot(b[0] - a[0], b[1] - a[1]) || 1;
    const [ux, uy] = [(b[0] - a[0]) / run, (b[1] - a[1]) / run];
    const over = spanDrag(h, feedsOn(leg));
    const drag = over.root + over.tip;
    const gives = given(plan, ux, uy);
    if (gives === null) {
      const newtons = drag + weight(plan) * uy;
      const grams = arm ? hungAt(h, feedsOn(leg), arm, degAt(pass, i, arm)) - arm.hangG : 0;
      return [{ n: node.n, newtons, grams, does: 'holds' }];
    }
    const share = shareForPull(pulled, gives);
    const does = share === null || share > 1 ? 'runs-away' : share * h.fastest < h.slowest ? 'stalls' : 'holds';
    return [{ n: node.n, newtons: drag, grams: ((drag - gives) / G_N) * 1000, does }];
  });
}
