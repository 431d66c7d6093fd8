import type { MotionForecast } from '../../documents/motion';
import type { AtFeed } from '../template/heat';
import type { Played } from './play';

/** Feeds and kerfs of both faces along a played program: one row a move that cuts, NaN elsewhere. mm/s, mm. */
export interface Cutting {
  readonly leftFeed: Float64Array;
  readonly rightFeed: Float64Array;
  readonly leftKerf: Float64Array;
  readonly rightKerf: Float64Array;
}
/** A kerf's edge does not follow the feed over less than this: the feed is a mean over so much way, mm. Ours: about the kerf itself. */
const MEAN_OVER_MM = 1;
/** A face that moves less than this on a move does not cut by feed there, mm. */
const STILL_MM = 1e-4;

/** Feed and kerf of each move through foam, from the times that the machine takes. */
export function cuttingOf(p: Played, h: AtFeed): Cutting {
  const n = p.program.moves.length;
  const rows = () => new Float64Array(n).fill(NaN);
  const out = { leftFeed: rows(), rightFeed: rows(), leftKerf: rows(), rightKerf: rows() };
  const meanFeed = feedsOver(p);
  for (let i = 0; i < n; i++) {
    const { kind, heat } = p.program.moves[i]!;
    // A cold wire melts nothing.
    if (p.inFoam[i] === 0 || !(heat > 0) || (kind !== 'feed' && kind !== 'rapid')) continue;
    for (const [k, feed, kerf] of [
      [0, out.leftFeed, out.leftKerf],
      [2, out.rightFeed, out.rightKerf],
    ] as const) {
      if (wayOn(p, i, k) < STILL_MM) continue;
      const v = meanFeed(i, k);
      feed[i] = v;
      kerf[i] = h.slot(Math.max(v, h.slowest / 20));
    }
  }
  return out;
}

/** Mean feed of a face about a move: over the move itself, and where that is short over what lies beside it on either hand. */
function feedsOver(p: Played): (i: number, k: 0 | 2) => number {
  const { moves } = p.program;
  const runs = (i: number) =>
    i >= 0 && i < moves.length && (moves[i]!.kind === 'feed' || moves[i]!.kind === 'rapid');
  return (i, k) => {
    const own = wayOn(p, i, k);
    let [sum, seconds] = [own, p.takes[i]!];
    for (const side of [-1, 1]) {
      let lacks = (MEAN_OVER_MM - own) / 2;
      for (let j = i + side; lacks > 0 && runs(j); j += side) {
        const w = wayOn(p, j, k);
        if (w < STILL_MM) continue;
        const share = Math.min(1, lacks / w);
        sum += share * w;
        seconds += share * p.takes[j]!;
        lacks -= w;
      }
    }
    return seconds > 0 ? sum / seconds : Infinity;
  };
}

/** The figures of a played program. */
export function forecastOf(p: Played, c: Cutting): MotionForecast {
  let cutMm = 0;
  let widest: MotionForecast['widest'] = null;
  const { moves } = p.program;
  for (let i = 0; i < moves.length; i++) {
    if (Number.isFinite(c.leftFeed[i])) cutMm += wayOn(p, i, 0);
    for (const [face, kerf, k] of [
      ['left', c.leftKerf, 0],
      ['right', c.rightKerf, 2],
    ] as const) {
      const w = kerf[i]!;
      if (Number.isFinite(w) && (!widest || w > widest.kerfMm))
        widest = {
          line: moves[i]!.line,
          face,
          at: [p.faces[(i + 1) * 4 + k]!, p.faces[(i + 1) * 4 + k + 1]!],
          kerfMm: w,
        };
    }
  }
  return {
    timeS: p.total,
    cutMm,
    leftFeedMmS: rangeOf(c.leftFeed),
    rightFeedMmS: rangeOf(c.rightFeed),
    leftKerfMm: rangeOf(c.leftKerf),
    rightKerfMm: rangeOf(c.rightKerf),
    widest,
    wireStretchMm: p.wireMm[1] - p.wireMm[0],
  };
}

/** Way of a face on a move, mm; 0 is the left one, 2 the right one. */
export const wayOn = (p: Played, i: number, k: 0 | 2) =>
  Math.hypot(
    p.faces[(i + 1) * 4 + k]! - p.faces[i * 4 + k]!,
    p.faces[(i + 1) * 4 + k + 1]! - p.faces[i * 4 + k + 1]!,
  );

function rangeOf(values: Float64Array): [number, number] | null {
  let [lo, hi] = [Infinity, -Infinity];
  for (const v of values) {
    if (!Number.isFinite(v)) continue;
    lo = Math.min(lo, v);
    hi = Math.max(hi, v);
  }
  return hi < lo ? null : [lo, hi];
}
