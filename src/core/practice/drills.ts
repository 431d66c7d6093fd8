import type { Drill } from '../documents/practice';
import type { FrameKind } from '../documents/rig';
import { timedByHand } from '../documents/rigDefaults';
import type { Pt } from '../numeric/polyline';
import { cornerWait } from '../physics/tension/lag';
import { goalFeed, type PracticeWire } from './wire';
import { trackOf, type Course, type Face, type Mark } from './course';

const FOR: Readonly<Record<FrameKind, readonly Drill[]>> = {
  bow: ['feed', 'corner', 'taper', 'core', 'unknown'],
  'pulled-bow': ['unknown'],
  'drop-bow': ['unknown'],
  table: ['push', 'unknown'],
  slicer: ['push', 'unknown'],
  gantry: ['unknown'],
  'hand-tool': ['groove', 'unknown'],
};

/** The drills of a cutter: what weights, falls and motors lead is not led by hand, so there the bench is found by test cuts alone. */
export const drillsFor = (kind: FrameKind): readonly Drill[] => FOR[kind];

/** A drill takes about this long at the advised feed, s; no less and no more than so many mm of foam. Ours. */
const TAKES_S = 24;
const LEAST = 60;
const LONGEST = 240;
/** Outside the foam on either side, mm. */
const LEAD = 10;
/** The shorter end of the taper, as a share of the longer, where the window bears it. */
const TAPER = 0.7;
/** Stations between entry and exit. */
const STATIONS = 8;

/** Course of a drill that is led, cut to the rig's own feed; `core` has its own by its piece. */
export function courseOf(drill: Exclude<Drill, 'core' | 'unknown'>, wire: PracticeWire): Course {
  const run = Math.min(LONGEST, Math.max(LEAST, Math.round(TAKES_S * goalFeed(wire))));
  if (drill === 'corner') return cornered(run, wire);
  if (drill === 'taper') return tapered(run, wire);
  const face: Face = { x0: 0, x1: run, y0: 0, y1: Math.round(run * 0.3) };
  const y = face.y1 / 2;
  const line: Pt[] = [
    [-LEAD, y],
    [run + LEAD, y],
  ];
  return withStations({
    near: line,
    far: line,
    faces: { near: face, far: face },
    together: true,
    feed: goalFeed(wire),
  });
}

/** A corner is practised with a lag that is seen, mm, where the wire has one below this share of its max feed. Ours. */
const SEEN_LAG = 1;
const BRISK = 0.85;

/** Feed at which corners are practised, mm/s: the advised one where its lag is seen, otherwise a brisker one. */
function briskFeed(wire: PracticeWire): number {
  const { at } = wire;
  const goal = goalFeed(wire);
  if (at.lag(goal) >= SEEN_LAG) return goal;
  return Math.max(goal, Math.min(at.pace(SEEN_LAG), BRISK * at.fastest));
}

/** Seconds to stand at a sharp corner at a feed (mm/s), as the reading says it of the rig's own (`cornerWait`). */
function waitAt({ e, at }: PracticeWire, feed: number): number {
  const { rig } = e.s;
  return cornerWait(at.lag(feed) / 1000, feed / 1000, timedByHand(rig), rig.cut.lagLimitMm / 1000);
}

/** In, up a step and out: two right angles. */
function cornered(run: number, wire: PracticeWire): Course {
  const rise = Math.round(run * 0.2);
  const face: Face = { x0: 0, x1: run * 0.8, y0: 0, y1: rise * 2 };
  const [y, x] = [rise * 0.5, run * 0.4];
  const line: Pt[] = [
    [-LEAD, y],
    [x, y],
    [x, y + rise],
    [run * 0.8 + LEAD, y + rise],
  ];
  const arcs = [LEAD + x, LEAD + x + rise];
  const feed = briskFeed(wire);
  const waitS = waitAt(wire, feed);
  const marks: Mark[] = arcs.map((arc, i) => ({ kind: 'corner', n: i + 1, near: arc, far: arc, waitS }));
  return { near: line, far: line, faces: { near: face, far: face }, marks, together: true, feed };
}

/** Two humps of different length: the ends start and finish together, so the shorter one is led slower. */
function tapered(run: number, wire: PracticeWire): Course {
  // Half way, in the logarithm, to the strongest taper that the window bears at the advised feed.
  const bears = Math.sqrt(wire.at.slowest / goalFeed(wire));
  const share = Math.min(0.95, Math.max(TAPER, bears));
  const long = hump(run, run * 0.12);
  const short = hump(run * share, run * 0.12 * share).map(([x, y]): Pt => [x + (run * (1 - share)) / 2, y]);
  const high = Math.round(run * 0.3);
  const near: Face = { x0: 0, x1: run, y0: 0, y1: high };
  const far: Face = { x0: (run * (1 - share)) / 2, x1: (run * (1 + share)) / 2, y0: 0, y1: high };
  return withStations({ near: long, far: short, faces: { near, far }, together: false, feed: goalFeed(wire) });
}

/** A half wave over a run, with a straight way in and out. */
function hump(run: number, rise: number): Pt[] {
  const n = 48;
  const wave = Array.from({ length: n + 1 }, (_, i): Pt => [
    (i / n) * run,
    6 + rise * Math.sin((Math.PI * i) / n),
  ]);
  const slope = (Math.PI * rise) / run;
  const over = LEAD / Math.hypot(1, slope);
  return [[-over, 6 - over * slope], ...wave, [run + over, 6 - over * slope]];
}

function withStations(c: Omit<Course, 'marks'>): Course {
  const [a, b] = [trackOf(c.near, c.faces.near), trackOf(c.far, c.faces.far)];
  const marks = Array.from({ length: STATIONS + 1 }, (_, n): Mark => ({
    kind: 'station',
    n,
    near: a.enters + (n / STATIONS) * (a.leaves - a.enters),
    far: b.enters + (n / STATIONS) * (b.leaves - b.enters),
    waitS: 0,
  }));
  return { ...c, marks };
}
