import type { Plan } from '../../documents/plan';
import { sharedIntegral } from '../../numeric/simpson';
import { GRAVITY as G_N } from '../../physics/heat/loss';
import { shareForPull } from '../../physics/tension/pulled';
import type { AtFeed } from './heat';
import { pulledOf } from './pulledWire';
import type { Evaluation } from '../evaluation';

/** Pull on the wire by a method that nobody leads, N; null where hands or an arm lead. */
export function pullOf(plan: Plan): number | null {
  const m = plan.method;
  if (m.kind === 'equal-pull') return 2 * m.pullN;
  if (m.kind === 'gravity') return ((m.massG - m.counterG) / 1000) * G_N - m.frictionN;
  return null;
}

/**
 * Feed in mm/s at which a drive that nobody leads runs: where the drag holds its pull. Seconds, kerf and templates go by it. Null
 * where hands or an arm lead, where the wire does not cut, and where the pull is more than any feed takes.
 */
export function drivenFeed(plan: Plan, e: Evaluation): number | null {
  const pull = pullOf(plan);
  const fastest = e.window.fastest?.feed;
  if (pull === null || !fastest) return null;
  const share = shareForPull(pulledOf(e), pull);
  if (share === null || !(share > 0)) return null;
  return Math.min(1000, Math.max(0.01, share * fastest * 1000));
}

/** What to hang on the arm of a swing arm or lever, g: half-way, and how much more near the end. */
export interface Hung {
  readonly hangG: number;
  readonly endG: number;
}

/** A falling arm: where its weight hangs, where both cords are held, mm from its pivot, and how far it falls. */
export interface Arm {
  readonly reach: number;
  readonly root: number;
  readonly tip: number;
  readonly fallDeg: number;
}
/** Strips of Simpson's rule over the span. */
const STRIPS = 32;

/**
 * Drag of a wire whose ends go at two feeds (mm/s), linear between, N: what each end bears of it. It rises steeply near the max feed, so that
 * the drag of the mean feed would be too little.
 */
export function spanDrag(h: AtFeed, feeds: { root: number; tip: number }): { root: number; tip: number } {
  const { start, end } = sharedIntegral((s) => h.drag(feeds.root + (feeds.tip - feeds.root) * s), STRIPS);
  return { root: start, tip: end };
}

/** An arm hangs nearly straight down past this: no weight holds it by its own. Ours. */
const LEAST_COS = 0.2;

/**
 * Weight at the end of a falling arm that holds both ends at their feeds (mm/s), its arm so many degrees from level, g:
 * W·R·cos θ = F_root·r_root + F_tip·r_tip. Statics.
 */
export function hungAt(h: AtFeed, feeds: { root: number; tip: number }, arm: Arm, deg: number): number {
  const drag = spanDrag(h, feeds);
  const turning = drag.root * arm.root + drag.tip * arm.tip;
  const level = Math.max(LEAST_COS, Math.cos((deg * Math.PI) / 180));
  return (turning / (arm.reach * level) / G_N) * 1000;
}

/** What is hung on an arm that is level half-way through its fall; null without a feed. Ways of both ends in mm. */
export function hungOn(h: AtFeed | null, ways: { root: number; tip: number }, arm: Arm): Hung | null {
  if (!h) return null;
  const long = Math.max(ways.root, ways.tip);
  const feeds = { root: (h.advised * ways.root) / long, tip: (h.advised * ways.tip) / long };
  const half = hungAt(h, feeds, arm, 0);
  return { hangG: half, endG: hungAt(h, feeds, arm, arm.fallDeg / 2) - half };
}

/** The arm of a swing arm or lever, from the numbers of its method; null for other ways of driving. */
export function fallingArm(m: Readonly<Record<string, unknown>>, method: Plan['method']): Arm | null {
  const n = (key: string) => m[key] as number;
  const fallDeg = n('fallDeg');
  if (method.kind === 'swing-arm')
    return { reach: method.maxRadiusMm, root: n('rootRadiusMm'), tip: n('tipRadiusMm'), fallDeg };
  if (method.kind !== 'lever') return null;
  const [root, tip] =
    m['longEnd'] === 'root' ? [n('longMarkMm'), n('shortMarkMm')] : [n('shortMarkMm'), n('longMarkMm')];
  return { reach: method.armMm, root, tip, fallDeg };
}
