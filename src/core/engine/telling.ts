import { timedByHand } from '../documents/rigDefaults';
import type { Rig } from '../documents/rig';
import { normalCdf } from '../numeric/normal';
import { GRADE_SD, timedFeed } from '../physics/tuning/evidence';
import { EYE_PRIOR_SD } from '../physics/tuning/grades';
import { evaluate } from './evaluate';
import { drafts } from './solve';
import { storedOf, type Tuning } from './tune';
import { tuned } from './tuned';

/** The cut that would tell most: pushed to the limit, or led at a feed and graded; and the sd it is expected to leave. */
export interface InformativeCut {
  readonly kind: 'limit' | 'graded';
  readonly setting: number | null;
  /** Depth for a limit cut, mm; feed for a graded one, mm/s. */
  readonly depthMm: number;
  readonly feedMmS: number;
  readonly now: number;
  readonly after: number;
}

/** Shares of the advised window's feeds that a graded cut might be led at, in logarithms about the fastest. */
const FEEDS = [-0.9, -0.6, -0.35, -0.15, 0];
/** Findings that forbid pushing a wire to its limit. */
const NOT_PUSHED = new Set(['wire-stress-high', 'wire-goes-slack']);
const LEAST_DEPTH = 50;
const CELLS = 161;

/**
 * The safe cut with the largest expected drop in variance of θ (PHYSICS section 7): a limit cut by its timing's sd, a graded one
 * over its three outcomes on a plain grid. Null where the rig has no window, or a stop finding forbids power.
 */
export function mostInformativeCut(rig: Rig, t: Tuning): InformativeCut | null {
  const e = evaluate(tuned(rig, t));
  const { fastest, slowest } = e.window;
  if (!fastest || slowest === null || e.off) return null;
  const found = drafts(e);
  if (found.some((d) => d.level === 'stop')) return null;
  const common = { setting: rig.control.setting, now: t.logSd };
  const stored = storedOf(e.s);
  const depthMm = Math.max(LEAST_DEPTH, Math.ceil((3 * fastest.feed * 1000 * stored) / 10) * 10);
  const options: InformativeCut[] = [];
  if (!found.some((d) => NOT_PUSHED.has(d.code))) {
    const seconds = Math.max(0.5, depthMm / (fastest.feed * 1000) - stored);
    const { sd } = timedFeed({ depthMm, seconds, storedS: stored, byHand: timedByHand(e.s.rig) });
    options.push({
      ...common,
      kind: 'limit',
      depthMm,
      feedMmS: fastest.feed * 1000,
      after: 1 / Math.hypot(1 / t.logSd, 1 / sd),
    });
  }
  for (const ln of FEEDS) {
    const feed = fastest.feed * Math.exp(ln);
    // The tuned window stands at θ = 0 of the difference; ψ spreads its slow edge.
    const after = afterGrade(t.logSd, -ln, Math.log(slowest / feed || 1e-12) + t.slowMean, t.slowSd);
    options.push({ ...common, kind: 'graded', depthMm: LEAST_DEPTH, feedMmS: feed * 1000, after });
  }
  return options.reduce((a, b) => (b.after < a.after ? b : a));
}

/** Expected sd of θ after a grade at c = ln(fastest/feed), h = ln(slowest/feed), both at the mean; θ's own sd before it. */
function afterGrade(sd: number, c: number, h: number, slowSd: number): number {
  const hotSd = Math.hypot(GRADE_SD, slowSd);
  const coldSd = Math.hypot(GRADE_SD, EYE_PRIOR_SD);
  const sums = { cold: [0, 0, 0], good: [0, 0, 0], hot: [0, 0, 0] };
  for (let i = 0; i < CELLS; i++) {
    const z = -4 + (8 * i) / (CELLS - 1);
    const theta = z * sd;
    const p = Math.exp(-0.5 * z * z);
    const cold = normalCdf((theta - c) / coldSd);
    const hot = normalCdf((h - theta) / hotSd);
    const good = Math.max(0, 1 - cold - hot);
    for (const [key, q] of [
      ['cold', cold],
      ['good', good],
      ['hot', hot],
    ] as const) {
      const w = p * q;
      sums[key][0]! += w;
      sums[key][1]! += w * theta;
      sums[key][2]! += w * theta * theta;
    }
  }
  let all = 0;
  let variance = 0;
  for (const [w, m, s] of Object.values(sums) as [number, number, number][]) {
    if (!(w > 0)) continue;
    all += w;
    variance += w * (s / w - (m / w) ** 2);
  }
  return Math.sqrt(variance / all);
}
