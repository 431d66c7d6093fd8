import { guidedOf } from '../documents/rigDefaults';
import { dragPerMetre } from '../physics/foam/drag';
import { lag } from '../physics/tension/lag';
import { trailingPath, type Point, type Trail } from '../physics/tension/trailing';
import type { Evaluation } from './evaluation';

/** What the ends are led along: a corner of so many degrees turned, or an arc of a radius in m. */
export type Led =
  { readonly kind: 'corner'; readonly turnDeg: number } | { readonly kind: 'arc'; readonly radius: number };

/** Where the middle goes. Paths in m; `off` how far it stays from the line (corner cut off, arc hollow), m. */
export interface Middle {
  readonly lag: number;
  readonly wait: number;
  readonly ends: readonly Point[];
  readonly path: readonly Point[];
  readonly off: number;
  /** The same after the wait at the corner; null on an arc: there one never stops. */
  readonly waited: { readonly path: readonly Point[]; readonly off: number } | null;
}

/** Steps in which the middle goes one lag. */
const FINE = 60;
/** Lags of run before and after a corner. */
const RUN = 8;
/** Most steps of a path. */
const MOST_STEPS = 6000;

/** What the middle of a rig's wire is drawn by; null where nothing is cut or the wire is slack. */
export function trailOf(e: Evaluation): (Trail & { lag: number }) | null {
  const { s, tension: t, reserve } = e;
  if (t.lag === null || t.cutN === null || !(t.lag > 0) || !e.window.fastest || reserve === null) return null;
  // A drag scaled to a lag that was seen is that of a foam as much stiffer.
  const plain = dragPerMetre(s.stress10, s.diameter, reserve);
  if (!(plain > 0)) return null;
  return {
    stress10: (s.stress10 * t.drag!) / plain,
    diameter: s.diameter,
    fastest: e.window.fastest.feed,
    stiffness: 1 / lag(1, s.width, s.length, t.cutN, guidedOf(s.rig)),
    lag: t.lag,
  };
}

/** Path of the middle of a rig's wire where its ends are led along a corner or an arc at the rig's feed. */
export function middleOf(e: Evaluation, led: Led): Middle | null {
  const trail = trailOf(e);
  if (!trail || e.feed === null) return null;
  return led.kind === 'corner'
    ? corner(trail, e.feed, e.tension.wait!, led.turnDeg)
    : arc(trail, e.feed, led.radius);
}

function corner(trail: Trail & { lag: number }, feed: number, wait: number, turnDeg: number): Middle {
  const behind = trail.lag;
  const dt = behind / feed / FINE;
  const turn = (turnDeg * Math.PI) / 180;
  const n = RUN * FINE;
  const step = feed * dt;
  const before = Array.from({ length: n + 1 }, (_, i): Point => ({ x: (i - n) * step, y: 0 }));
  const after = Array.from({ length: n }, (_, i): Point => ({
    x: (i + 1) * step * Math.cos(turn),
    y: (i + 1) * step * Math.sin(turn),
  }));
  const stands = Array.from({ length: Math.min(MOST_STEPS, Math.ceil(wait / dt)) }, (): Point => ({
    x: 0,
    y: 0,
  }));
  const off = (path: readonly Point[]) => Math.min(...path.map((p) => Math.hypot(p.x, p.y)));
  const path = trailingPath(trail, [...before, ...after], dt, behind);
  const waited = trailingPath(trail, [...before, ...stands, ...after], dt, behind);
  return {
    lag: behind,
    wait,
    ends: [before[0]!, { x: 0, y: 0 }, after.at(-1)!],
    path,
    off: off(path),
    waited: { path: waited, off: off(waited) },
  };
}

function arc(trail: Trail & { lag: number }, feed: number, radius: number): Middle {
  const behind = trail.lag;
  const run = Math.min((Math.PI / 2) * radius, 200 * behind);
  const dt = Math.max(run / feed / MOST_STEPS, Math.min(behind / feed / FINE, run / feed / 400));
  const n = Math.ceil(run / feed / dt);
  const ends = Array.from({ length: n + 1 }, (_, i): Point => {
    const a = (i * feed * dt) / radius;
    return { x: radius * Math.sin(a), y: radius * (1 - Math.cos(a)) };
  });
  const path = trailingPath(trail, ends, dt, behind);
  const last = path.at(-1)!;
  const off = Math.abs(radius - Math.hypot(last.x, last.y - radius));
  return { lag: behind, wait: 0, ends, path, off, waited: null };
}
