import { PLAIN_WEIGHTS, WEIGHT_KEYS, type Weights, type WeightKey } from '../../documents/drawer';
import { handLed } from '../../documents/rigDefaults';
import { tensileStrength } from '../../physics/wire/strength';
import { stepShare } from '../findings/coarse';
import { fuseMissing } from '../findings/fuse';
import { ohmAt } from '../setup';
import type { Evaluation } from '../evaluation';

export type Parts = Readonly<Record<WeightKey, number>>;

const clamp = (x: number) => Math.min(1, Math.max(0, x));
/** Room over the min clean feed that counts as plenty. */
const PLENTY = 1;
/** Shares of the max feed by which one step of a dial moves it: fine and too coarse. */
const STEP = { fine: 0.02, coarse: 0.1 } as const;
/** Part of a load that nobody can reckon, and of a rig without a dial or with a clip for one. */
const UNKNOWN_LOAD = 0.3;
const CLIP = 0.6;
/** Shares of the wire's volts lost in the leads: too little to mind, and too much. */
/** Shares of its hot strength that a wire is set to: plenty left, and none to spare. */
const USE = { easy: 0.2, most: 0.5 } as const;
const LOSS = { little: 0.01, poor: 0.05 } as const;

/**
 * Parts of a working pairing's score, each 0 to 1:
 * reserve – how far the feed stands from both edges of the clean window (1: what is to be in hand is in hand, and twice the
 * min clean feed), less by what a battery fades; load – 1 up to 80 % of the supply's limit, 0 at all of it, less where a fuse is wanted and there is none; dial – how little one step moves the
 * max feed; strength – the set pull's share of the hot strength, 1 at a fifth of it, 0 at half, less for a wire that a hand snaps; leads – 1 where the leads take up to 1 % of the
 * wire's volts, 0 at 5 %. Ours, no source.
 */
export function partsOf(e: Evaluation): Parts {
  const { s, window: w } = e;
  const feed = s.feed!;
  const fast = w.fastest!.feed;
  const inHand = clamp((1 - feed / fast) / (1 - s.reserve));
  const room = clamp((feed / w.slowest! - 1) / PLENTY);
  const wireOhm = ohmAt(s, e.idle.airC);
  // The pull as it is set, so that a longer wire, which slackens a spring more, is not taken for a stronger one.
  const { takeUp, strength } = e.tension;
  const hotShare = strength ? takeUp.setN / (s.area * strength) : 1;
  return {
    reserve: Math.min(inHand, room) * lasts(e),
    load:
      (e.load.share === null ? UNKNOWN_LOAD : clamp((1 - e.load.share) / 0.2)) *
      (fuseMissing(e.s.rig) ? NO_FUSE : 1),
    dial: dialPart(e),
    strength: clamp((USE.most - hotShare) / (USE.most - USE.easy)) * stoutness(e),
    leads: clamp((LOSS.poor - s.drive.leadOhm / wireOhm) / (LOSS.poor - LOSS.little)),
  };
}

/** A strong supply without a fuse costs this much of the load's part. Ours. */
const NO_FUSE = 0.8;
/** Wire that breaks at this, N, bears a careless hand; a thinner one lasts the less. Ours. */
const STOUT_N = 110;

/** Share of its max feed that a battery still gives at its stop; 1 for other supplies. */
function lasts(e: Evaluation): number {
  if (!e.battery) return 1;
  const [full, stop] = e.battery.fastestFeedMmS;
  return full ? clamp((stop ?? 0) / full) : 1;
}

/** Among equals the wire that lasts stands first: thicker, the more so where hands lead it. */
function stoutness(e: Evaluation): number {
  const { s } = e;
  const bears = clamp((s.area * tensileStrength(s.alloy, s.strand, 20)) / STOUT_N);
  return handLed(s.rig) ? 0.4 + 0.6 * bears : 0.8 + 0.2 * bears;
}

function dialPart(e: Evaluation): number {
  const { kind } = e.s.drive;
  if (kind === 'none') return 0;
  if (kind === 'clip') return CLIP;
  const share = stepShare(e);
  return share === null ? 1 : clamp((STEP.coarse - share) / (STEP.coarse - STEP.fine));
}

/** Weighted mean of the parts; 0 where all weights are. */
export function scoreOf(parts: Parts, weights: Weights | null): number {
  const w = weights ?? PLAIN_WEIGHTS;
  let sum = 0;
  let all = 0;
  for (const key of WEIGHT_KEYS) {
    sum += w[key] * parts[key];
    all += w[key];
  }
  return all > 0 ? sum / all : 0;
}
