import type { Pt } from '../../numeric/polyline';

/** Pace of the middle at a lag, mm/s at mm. */
export type Pace = (lag: number) => number;

/** One step of the middle towards its ends: along the line to them, at the pace its lag gives. */
export function towards(from: Pt, to: Pt, pace: Pace, dt: number): Pt {
  const gap = Math.hypot(to[0] - from[0], to[1] - from[1]);
  if (!(gap > 0)) return from;
  const go = Math.min(1, (pace(gap) * dt) / gap);
  return [from[0] + go * (to[0] - from[0]), from[1] + go * (to[1] - from[1])];
}

/**
 * How much of a corner the middle cuts off, mm: the ends run straight at a feed (mm/s) with a lag (mm), wait, and turn by so many
 * degrees. The path of PHYSICS section 3, stepped.
 */
export function cornerCut(pace: Pace, lag: number, feed: number, turnDeg: number, waitS: number): number {
  if (!(lag > 0)) return 0;
  const dt = lag / feed / 40;
  const a = (turnDeg * Math.PI) / 180;
  let m: Pt = [-lag, 0];
  for (let t = 0; t < waitS; t += dt) m = towards(m, [0, 0], pace, Math.min(dt, waitS - t));
  let least = Math.hypot(m[0], m[1]);
  for (let i = 1; i <= 400; i++) {
    const s = feed * dt * (i - 1);
    m = towards(m, [s * Math.cos(a), s * Math.sin(a)], pace, dt);
    const off = Math.hypot(m[0], m[1]);
    if (off > least) break;
    least = off;
  }
  return least;
}
