import { evenSpline, splineAt } from '../../numeric/spline';
import { dragPerMetre } from '../../physics/foam/drag';
import { standingWidth } from '../../physics/foam/standing';
import { trailOf } from '../middle';
import { OperatingPointSolver } from '../states';
import type { Evaluation } from '../evaluation';

/** What the wire of a rig does at any feed, tabled once. Feeds mm/s, kerf and lag mm, drag N over the whole foam. */
export interface AtFeed {
  /** The feed to lead the longer way at. */
  readonly advised: number;
  readonly fastest: number;
  readonly slowest: number;
  readonly slot: (feed: number) => number;
  readonly lag: (feed: number) => number;
  /** Feed whose lag is this: the middle's pace. */
  readonly pace: (lag: number) => number;
  readonly drag: (feed: number) => number;
  readonly diameter: number;
  /** Hole melted by standing so many seconds, mm. */
  readonly standing: (seconds: number) => number;
}

const POINTS = 33;

/** The wire at any feed; null where the rig cuts nothing. `stretch`: 1/cos of the wire's slant, by which kerfs in a face are wider. */
export function atFeedOf(e: Evaluation, stretch = 1): AtFeed | null {
  const { window, feed, s } = e;
  if (e.off || feed === null || !window.fastest || !window.slowest) return null;
  const states = new OperatingPointSolver(s);
  const fastest = window.fastest.feed * 1000;
  const slowest = window.slowest * 1000;
  // Kerf times feed hardly changes with the feed: that is what is tabled.
  const lo = Math.log(Math.min(slowest, feed * 1000) / 6);
  const step = (Math.log(Math.max(fastest, feed * 1000) * 4) - lo) / (POINTS - 1);
  const swept = evenSpline(
    lo,
    step,
    Float64Array.from({ length: POINTS }, (_, i) => {
      const v = Math.exp(lo + i * step);
      const width = states.atFeed(v / 1000)?.width;
      return width === undefined ? 0 : width * 1000 * v * stretch;
    }),
  );
  const top = lo + (POINTS - 1) * step;
  const trail = trailOf(e);
  const stress10 = trail?.stress10 ?? s.stress10;
  const perMetre = (v: number) => dragPerMetre(stress10, s.diameter, v / fastest);
  const lag = (v: number) => (trail ? (perMetre(v) / trail.stiffness) * 1000 : 0);
  return {
    advised: feed * 1000,
    fastest,
    slowest,
    slot: (v) => splineAt(swept, Math.min(top, Math.max(lo, Math.log(v)))) / v,
    standing: (seconds) => (e.cut && s.melt ? standingWidth(s.melt, e.cut.heat, seconds) * 1000 * stretch : 0),
    lag,
    pace: trail ? paceTable(lag, fastest) : () => Infinity,
    drag: (v) => perMetre(v) * s.width,
    diameter: s.diameter * 1000,
  };
}

/** Inverse of a lag that rises with the feed, tabled on even steps of ln feed and searched by halving. */
function paceTable(lag: (v: number) => number, fastest: number): (lag: number) => number {
  const n = 400;
  const lo = Math.log(fastest * 0.02);
  const step = Math.log(5000) / (n - 1);
  const lags = Float64Array.from({ length: n }, (_, i) => lag(Math.exp(lo + i * step)));
  return (f) => {
    if (!(f > lags[0]!)) return f > 0 ? Math.exp(lo) * Math.min(1, f / (lags[0]! || 1)) : 0;
    if (f >= lags[n - 1]!) return Math.exp(lo + (n - 1) * step);
    let a = 0;
    let b = n - 1;
    while (b - a > 1) {
      const m = (a + b) >> 1;
      if (lags[m]! <= f) a = m;
      else b = m;
    }
    const t = (f - lags[a]!) / (lags[b]! - lags[a]! || 1);
    return Math.exp(lo + (a + t) * step);
  };
}
