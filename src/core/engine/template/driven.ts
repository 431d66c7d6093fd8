import type { Plan } from '../../documents/plan';
import { GRAVITY as G_N } from '../../physics/heat/loss';
import { dragCentre, shareForPull } from '../../physics/tension/pulled';
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

/**
 * Weight at the end of a falling arm (radius `reach`) that holds the feed against the drag of both cords at their radii:
 * W·R·cos θ = F_root·r_root + F_tip·r_tip, the arm level half-way through its fall. Statics. mm, degrees; null without a feed.
 */
export function hungOn(
  e: Evaluation,
  h: AtFeed | null,
  ways: { root: number; tip: number },
  arm: { reach: number; root: number; tip: number; fallDeg: number },
): Hung | null {
  if (!h) return null;
  const long = Math.max(ways.root, ways.tip);
  const [vr, vt] = [(h.advised * ways.root) / long, (h.advised * ways.tip) / long];
  const total = h.drag((vr + vt) / 2);
  const atTip = (total * dragCentre(pulledOf(e), vr / h.fastest, vt / h.fastest)) / e.s.width;
  const turning = (total - atTip) * arm.root + atTip * arm.tip;
  const grams = (deg: number) =>
    (turning / (arm.reach * Math.max(0.2, Math.cos((deg * Math.PI) / 180))) / G_N) * 1000;
  const half = grams(0);
  return { hangG: half, endG: grams(arm.fallDeg / 2) - half };
}
