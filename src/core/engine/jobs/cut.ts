import type { Rig } from '../../documents/rig';
import { loadedVolts } from '../battery';
import { evaluate } from '../evaluate';
import type { Evaluation } from '../evaluation';
import { OperatingPointSolver } from '../states';
import { feedSd } from '../reading';
import { ohmAt } from '../setup';
import { timesOf } from '../times';

/** What a job goes by: the rig as it is used, its evaluation, and the cut that positions are set for. mm, mm/s, s. */
export interface JobCut {
  readonly rig: Rig;
  readonly e: Evaluation;
  /** Diameter of the wire with its strands. */
  readonly d: number;
  /** Null where the wire does not cut the foam. */
  readonly feed: number | null;
  readonly kerf: number | null;
  readonly fastest: number | null;
  /** Standard deviation of the logarithm of the kerf. */
  readonly sd: number;
  readonly warmUpS: number;
  /** Force on the wire along the feed, N/m. */
  readonly drag: number | null;
}

/**
 * The cut of a rig as a job uses it. `most`: the largest share of the max feed that the job allows; null goes by the rig's feed. The
 * kerf is the one that `solve` gives at that feed, width and tilt.
 */
export function jobCut(rig: Rig, most: number | null = null): JobCut {
  let e = evaluate(rig);
  let used = rig;
  const fastest = e.window.fastest ? e.window.fastest.feed * 1000 : null;
  if (most !== null && fastest !== null && e.feed !== null && e.feed * 1000 > most * fastest) {
    used = { ...rig, cut: { ...rig.cut, feedMmS: most * fastest } };
    e = evaluate(used);
  }
  const known = !e.off && e.cut !== null;
  return {
    rig: used,
    e,
    d: e.s.diameter * 1000,
    feed: known && e.feed !== null ? e.feed * 1000 : null,
    kerf: known ? e.cut!.width * 1000 : null,
    fastest: e.off ? null : fastest,
    sd: feedSd(rig),
    warmUpS: timesOf(e)?.warmUp ?? 0,
    drag: known ? e.tension.drag : null,
  };
}

/** Feed and kerf as every worksheet has them; of a battery its volts too, open and under load. */
export function commonValues(c: JobCut) {
  const volts = loadedVolts(c.e);
  return {
    feedMmS: c.feed,
    kerfMm: c.kerf,
    d: c.d,
    ...(volts && { openVolts: volts.open, loadedVolts: volts.loaded }),
  };
}

/** Volts from end to end of the idling wire: what is left of the supply's behind leads and contacts. */
export const wireVolts = ({ e: { s, idle } }: JobCut): number => idle.amps * ohmAt(s, idle.airC);

/** Kerf in mm of the same wire at another feed, mm/s; null where it does not cut. */
export function kerfAt(c: JobCut, feed: number): number | null {
  const state = c.e.off ? null : new OperatingPointSolver(c.e.s).atFeed(feed / 1000);
  return state ? state.width * 1000 : null;
}

/** Seconds to take a piece away and lay the next one on. Common practice, no source. */
export const HANDLING_S = 20;

/** Seconds of n cuts of a path each, with handling and one warm-up; null where no feed is known. */
export const batchTime = (c: JobCut, n: number, pathMm: number): number | null =>
  c.feed === null ? null : c.warmUpS + n * (pathMm / c.feed + HANDLING_S);
