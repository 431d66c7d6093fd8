import { cornerWait } from '../../physics/tension/lag';
import { kerfAfter } from './dwell';
import type { AtFeed } from './heat';
import type { Pass } from './pass';
import { cornerCut } from './trail';
import { walkerOf, type Walker } from './walk';
import type { Slots, Leg, Wait, FeedSchedule } from './feedSchedule';
export interface PaceOptions {
  readonly toleranceMm: number;
  /** Hands wait; motors may wait any time. */
  readonly byHand: boolean;
  /** Nobody leads: the pace is the drive's own, and it waits nowhere. */
  readonly unled?: boolean;
  readonly corner: number;
  /** Shares of the tolerance that a leg may use, where a forecast has shown that all of it is too much. */
  readonly shares?: ReadonlyMap<number, number>;
}

/** Feeds that are looked through for one that meets the tolerance. */
const TRIES = 48;
/** The estimate must leave this much of the tolerance to what it does not see. */
const SPARE = 0.93;

/** Estimated deviations of a leg at a feed of its longer end, mm: root, middle, tip. */
function deviations(h: AtFeed, w: Slots, root: number, tip: number, curvature: number, feed: number) {
  const long = Math.max(root, tip) || 1;
  const vr = (feed * root) / long;
  const vt = (feed * tip) / long;
  const vm = 0.5 * (vr + vt);
  const f = h.lag(vm);
  const kerf = (from: number, v: number) => kerfAfter(h, from, v, long / feed);
  return {
    root: root > 0 ? -(kerf(w.root, vr) - w.root) / 2 : 0,
    tip: tip > 0 ? -(kerf(w.tip, vt) - w.tip) / 2 : 0,
    middle: (w.root + w.tip) / 4 - kerf((w.root + w.tip) / 2, vm) / 2 - (f * f * curvature) / 2,
    clean: vm > 0 && Math.min(vr, vt) >= h.slowest * 0.999 && Math.max(vr, vt) <= h.fastest,
  };
}

/**
 * The pace of a pass: every leg at the advised feed of its longer end, slower (or, where only that helps, faster) within the clean
 * window where the core would leave the tolerance; a wait at a corner that would be cut off beyond it, no longer than 1.5 lags take.
 */
export function paceOf(pass: Pass, h: AtFeed, w: Slots, o: PaceOptions, base = false): FeedSchedule {
  const walk = walkerOf(pass);
  const legs = Array.from({ length: walk.count }, (_, i) => legOf(walk, i, pass, h, w, o, base));
  const waits = base || o.unled ? [] : waitsOf(pass, walk, legs, h, o);
  const arrive = [0];
  const leave: number[] = [];
  for (let i = 0; i < pass.nodes.length; i++) {
    const wait = waits.find((x) => x.node === i)?.seconds ?? 0;
    leave.push(arrive[i]! + wait);
    if (i < legs.length) arrive.push(leave[i]! + legs[i]!.seconds);
  }
  return { legs, waits, arrive, leave, seconds: leave[leave.length - 1]! };
}

function legOf(walk: Walker, i: number, pass: Pass, h: AtFeed, w: Slots, o: PaceOptions, base: boolean): Leg {
  const root = walk.root(i);
  const tip = walk.tip(i);
  const long = Math.max(root, tip);
  const leg = (feed: number, slowed: boolean, meets: boolean): Leg => ({
    feed,
    seconds: long / feed,
    root,
    tip,
    slowed,
    meets,
  });
  const inFoam = pass.nodes[i]!.kind !== 'start' && pass.nodes[i + 1]!.kind !== 'out';
  if (base || o.unled || !inFoam || !(long > 0)) return leg(h.advised, false, true);
  const curvature = walk.curvature(i);
  const worst = (v: number) => {
    const d = deviations(h, w, root, tip, curvature, v);
    return { off: Math.max(Math.abs(d.root), Math.abs(d.tip), Math.abs(d.middle)), clean: d.clean };
  };
  const limit = SPARE * o.toleranceMm * (o.shares?.get(i) ?? 1);
  const plain = worst(h.advised);
  if (plain.off <= limit) return leg(h.advised, false, true);
  let best = { v: h.advised, off: plain.off };
  let met: number | null = null;
  for (let k = 0; k <= TRIES; k++) {
    const v = h.slowest * (h.fastest / h.slowest) ** (k / TRIES);
    const { off, clean } = worst(v);
    if (!clean) continue;
    if (off < best.off) best = { v, off };
    const nearer = met === null || Math.abs(Math.log(v / h.advised)) < Math.abs(Math.log(met / h.advised));
    if (off <= limit && nearer) met = v;
  }
  const v = met ?? best.v;
  return leg(v, v < h.advised, met !== null || best.off <= o.toleranceMm);
}

function waitsOf(pass: Pass, walk: Walker, legs: readonly Leg[], h: AtFeed, o: PaceOptions): Wait[] {
  return pass.nodes.flatMap((node, i): Wait[] => {
    if (Math.abs(node.turnDeg) < o.corner || i === 0 || i >= legs.length) return [];
    const before = legs[i - 1]!;
    const long = Math.max(before.root, before.tip) || 1;
    const feed = (before.feed * (before.root + before.tip)) / (2 * long);
    const lag = h.lag(feed);
    const saves = cornerCut(h.pace, lag, feed, node.turnDeg, 0);
    if (saves <= 0.8 * o.toleranceMm) return [];
    const seconds = cornerWait(lag / 1000, feed / 1000, o.byHand, o.toleranceMm / 1000);
    if (seconds === 0) return [];
    const melts = Math.max(0, h.standing(seconds) - h.slot(feed)) / 2;
    const vain = melts > saves;
    return [{ node: i, n: node.n, seconds: vain ? 0 : seconds, melts, saves, vain }];
  });
}
