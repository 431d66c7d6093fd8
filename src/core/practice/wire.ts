import type { Rig } from '../documents/rig';
import { CUTTERS } from '../documents/cutters';
import { guidedOf } from '../documents/rigDefaults';
import { evaluate } from '../engine/evaluate';
import type { Evaluation } from '../engine/evaluation';
import { trailOf } from '../engine/middle';
import { OperatingPointSolver } from '../engine/states';
import { atFeedOf, type AtFeed } from '../engine/template/heat';
import { STRESS } from '../engine/findings/tension';
import { MOST_LAG, pullWhenGrown } from '../engine/tension';
import { advisedFeed } from '../engine/window';
import { timesOf } from '../engine/times';
import { HOT_MODULUS, loopBend } from '../physics/making/loop';
import { evenSpline, splineAt } from '../numeric/spline';
import { dragPerMetre } from '../physics/foam/drag';
import { growth } from '../physics/tension/growth';
import { lag } from '../physics/tension/lag';
import { inSeries } from '../physics/tension/stiffness';
import { tensileStrength } from '../physics/wire/strength';

/** A rig's wire as it is practised on: what its solve knows, tabled once, so that a step needs no search of the circuit. */
export interface PracticeWire {
  readonly e: Evaluation;
  /** Feeds mm/s and kerf mm of the settled cut. */
  readonly at: AtFeed;
  /** Feed ratio of a settled cut by its kerf in m: how near the wire comes to the solid foam decides what it drags. Infinity without a kerf. */
  readonly ratioOf: (kerf: number) => number;
  readonly warmUpS: number;
  /** Pull in N with the wire outside the foam at one temperature and the mean of the foam's width at another. */
  readonly pull: (airC: number, foamC: number) => number;
  /** Drag in N/m that a lag of one metre stands against, at a pull. */
  readonly stiffness: (pull: number) => number;
  /** Stress of the wire at its greatest, Pa, by its pull in N and its lag in m, and what it may bear at a temperature. */
  readonly stress: (pull: number, lag: number) => number;
  readonly allowed: (wireC: number) => number;
  /** The foam's 10 % stress, Pa, scaled where a lag was seen. */
  readonly stress10: number;
  /** Lag past which the wire snags, m. */
  readonly mostLag: number;
}

/** Feeds that are solved, and points of the table between them. */
const SOLVED = 193;
const POINTS = 385;
/** A slack wire still bears so much, N: its own bends. Ours. */
const LEAST_PULL = 1;

/** Why a rig gives no wire to practise on: it cuts nothing; hardly a feed is clean; its wire is pulled past what it bears hot; no hand is that quick. */
export const UNFIT = ['cold', 'no-window', 'overstressed', 'quick'] as const;
export type Unfit = (typeof UNFIT)[number];
/** Max over min clean feed under which no hand keeps between them. Ours. */
const NARROWEST = 1.5;
/** No hand leads a cut faster at an even pace, mm/s. Ours. */
const QUICKEST = 80;

/** The wire of a rig for practice, or why there is none. */
export function practiceOf(rig: Rig): { readonly wire: PracticeWire } | { readonly unfit: Unfit } {
  const wire = practiceWire(rig);
  if (!wire) return { unfit: 'cold' };
  const { at } = wire;
  if (!(at.fastest > NARROWEST * at.slowest)) return { unfit: 'no-window' };
  const { cutN, hotN } = wire.e.tension;
  const pull = Math.max(cutN ?? 0, hotN ?? 0);
  const drag = dragPerMetre(wire.stress10, wire.e.s.diameter, goalFeed(wire) / at.fastest);
  const stress = wire.stress(pull, drag / wire.stiffness(pull));
  if (stress > wire.allowed(wire.e.idle.airC)) return { unfit: 'overstressed' };
  return goalFeed(wire) > QUICKEST ? { unfit: 'quick' } : { wire };
}

/** Over this share of its min clean feed, and under this of its max feed, a rig's own feed is one to practise at. Ours. */
const CLEAR = { ofMelt: 1.1, ofEdge: 0.85 };

/** Feed to practise at, mm/s: the rig's own where it is clean and off the edge, else the advised one, no nearer to the edge than weights go. */
export function goalFeed({ e, at }: Pick<PracticeWire, 'e' | 'at'>): number {
  if (at.advised > CLEAR.ofMelt * at.slowest && at.advised < CLEAR.ofEdge * at.fastest) return at.advised;
  return advisedFeed(e.window, Math.min(WEIGHT_RATIO, e.s.reserve))! * 1000;
}
/** Feed ratio at which weights and motors lead (`reserveOf`). */
const WEIGHT_RATIO = 0.7;

/** The wire of a rig, fit to be led or not; null where it cuts nothing. */
export function practiceWire(rig: Rig): PracticeWire | null {
  const e = evaluate(rig);
  const at = atFeedOf(e);
  const { s } = e;
  if (!at || !s.melt || !e.cut || !e.window.fastest) return null;
  const { alloy } = s;
  const hand = CUTTERS[rig.frame.kind].takeUp ? stretched(e) : bent(e);
  return {
    e,
    at,
    ratioOf: ratioTable(e, at),
    warmUpS: timesOf(e)?.warmUp ?? 0,
    pull: (airC, foamC) => {
      if (!CUTTERS[rig.frame.kind].takeUp) return 0;
      const grown = (length: number, wireC: number) => growth(alloy.expansion, wireC - s.room.airC, length);
      return pullWhenGrown(e, grown(s.length - s.width, airC) + grown(s.width, foamC));
    },
    ...hand,
    allowed: (wireC) => hand.share * tensileStrength(alloy, s.strand, wireC),
    stress10: trailOf(e)?.stress10 ?? s.stress10,
    mostLag: MOST_LAG * s.width,
  };
}

/**
 * The kerf falls with the feed all the way: ln kerf is tabled against ln feed ratio from a spline of the solved kerf times feed, straight
 * between; beyond, kerf times feed stays. The drag rises with the sixth power of the ratio: a finer table than templates need.
 */
function ratioTable(e: Evaluation, at: AtFeed): (kerf: number) => number {
  const lo = Math.log(Math.min(at.slowest, at.advised) / at.fastest / 6);
  const step = (Math.log((4 * Math.max(at.fastest, at.advised)) / at.fastest) - lo) / (POINTS - 1);
  const states = new OperatingPointSolver(e.s);
  const apart = (step * (POINTS - 1)) / (SOLVED - 1);
  const feedAt = (x: number) => (Math.exp(x) * at.fastest) / 1000;
  let last = e.cut!.width * e.cut!.feed;
  const swept = evenSpline(
    lo,
    apart,
    Float64Array.from({ length: SOLVED }, (_, i) => {
      const feed = feedAt(lo + i * apart);
      last = (states.atFeed(feed)?.width ?? last / feed) * feed;
      return Math.log(last);
    }),
  );
  const lnKerf = Float64Array.from({ length: POINTS }, (_, i) => {
    const x = lo + i * step;
    return splineAt(swept, x) - Math.log(feedAt(x));
  });
  const [widest, least] = [lnKerf[0]!, lnKerf[POINTS - 1]!];
  return (kerf) => {
    if (!(kerf > 0)) return Infinity;
    const x = Math.log(kerf);
    if (x >= widest) return Math.exp(lo + widest - x);
    if (x <= least) return Math.exp(lo + (POINTS - 1) * step + least - x);
    let [a, b] = [0, POINTS - 1];
    while (b - a > 1) {
      const m = (a + b) >> 1;
      if (lnKerf[m]! >= x) a = m;
      else b = m;
    }
    const t = (lnKerf[a]! - x) / (lnKerf[a]! - lnKerf[b]!);
    return Math.exp(lo + (a + t) * step);
  };
}

type Hand = Pick<PracticeWire, 'stiffness' | 'stress'> & { readonly share: number };

/** A wire between anchors: a shallow string; the lag lengthens it by 8f²/(3b), against all that gives. */
function stretched(e: Evaluation): Hand {
  const { s, tension } = e;
  const { holder } = tension.takeUp;
  const gives = s.rig.tension.kind === 'weight' ? 0 : inSeries(holder.rate, holder.rest);
  return {
    stiffness: (pull) => 1 / lag(1, s.width, s.length, Math.max(LEAST_PULL, pull), guidedOf(s.rig)),
    stress: (pull, f) => (pull + (gives * 8 * f * f) / (3 * s.width)) / s.area,
    share: STRESS.over,
  };
}

/** A loop of stiff wire: legs and foot a third of the wire in the foam each, bending as cantilevers. */
function bent(e: Evaluation): Hand {
  const { s } = e;
  const side = s.width / 3;
  const one = loopBend(1, side, side, s.diameter, HOT_MODULUS * s.alloy.youngs);
  return {
    stiffness: () => 1 / one.tip,
    stress: (_, f) => (f / one.tip) * one.stress,
    share: s.alloy.yieldFraction,
  };
}
