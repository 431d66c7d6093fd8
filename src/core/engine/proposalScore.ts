import type { Rig } from '../documents/rig';
import { tensileStrength } from '../physics/wire/strength';
import type { Draft } from './findings/draft';
import type { Evaluation } from './evaluation';

/** A feed most hands keep to, mm/s: an inch in six seconds. Common practice, no source. */
export const EASY_FEED = 4;
/** Wire that breaks under this cold, N, is snapped by a careless hand; a stouter one is taken where one works. Ours. */
const SNAPS_N = 45;
/** Findings that any new rig has until the bench is looked at: they do not tell one wire from another. */
const COMMON = new Set([
  'no-switch',
  'no-fuse',
  'control-limit-unknown',
  'supply-limit-unknown',
  'not-isolated',
]);

/** Said where no rig of those that were tried cuts. */
export const NO_CUT: Draft = { code: 'wire-too-cold', level: 'fix', values: {} };
const DEAD = new Set([
  'wire-too-cold',
  'cannot-start',
  'heat-marginal',
  'melt-back',
  'fume-limit',
  'feed-too-fast',
  'heat-too-high',
]);
/** What no proposal may have. */
export const BLOCKS = (d: Draft) => d.level === 'stop' || DEAD.has(d.code);

/** How far a proposed rig is from a good one: the lower the better. */
export function scoreOf(rig: Rig, e: Evaluation, found: readonly Draft[]): number {
  const feed = e.feed === null ? 0.1 : e.feed * 1000;
  const weights = { stop: 100, fix: 3, note: 0.2 };
  const findings = found.reduce(
    (sum, d) => sum + (COMMON.has(d.code) ? 0 : (BLOCKS(d) ? 10 : 0) + weights[d.level]),
    0,
  );
  const breaksN = e.s.area * tensileStrength(e.s.alloy, e.s.strand, 20);
  const thin = breaksN < SNAPS_N ? 6 * (1 - breaksN / SNAPS_N) + 3 : 0;
  const load = e.load.share ?? 0.5;
  return (
    findings +
    thin +
    Math.abs(Math.log(feed / EASY_FEED)) +
    load +
    0.1 * Math.abs(Math.log(rig.wire.diameterMm / 0.4))
  );
}
