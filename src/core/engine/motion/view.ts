import type { MotionFigures, ReplayFigures } from '../../documents/motion';
import type { Pt } from '../../numeric/polyline';
import type { AtFeed } from '../template/heat';
import type { Cutting } from './cutting';
import type { TowerKind } from '../../documents/towerJobs';
import type { CombSlot } from './comb';
import type { Motion, PathOf } from './motion';
import type { Block, Played } from './play';

/** A played program as plain arrays, to cross from a worker to a page and be drawn. A row more than there are moves; mm, s. */
export interface PlayView {
  readonly block: Block;
  /** Left x, y, right x, y of each row. */
  readonly faces: Float64Array;
  /** Seconds at which each row is reached. */
  readonly reached: Float64Array;
  /** Kerf on the left face of each move, NaN where nothing is cut. */
  readonly kerf: Float64Array;
  /** Line of each move. */
  readonly lines: Int32Array;
  /** 0 in the air, 1 through foam. */
  readonly inFoam: Uint8Array;
  readonly total: number;
}
export interface MotionView {
  readonly figures: MotionFigures;
  /** Null where there is no path. */
  readonly play: PlayView | null;
  /** Solids and holes as they lie on the block, or a turned piece from the side. */
  readonly loops: readonly (readonly Pt[])[];
  /** A core's sections as they lie on the block: on the left face, on the right one. */
  readonly sections: readonly [readonly Pt[], readonly Pt[]] | null;
  /** Slits of an outline, from one end to the other. */
  readonly slits: readonly (readonly [Pt, Pt])[];
  /** Slots of a test comb. */
  readonly comb: readonly CombSlot[];
}
export interface ReplayView {
  readonly figures: ReplayFigures;
  readonly play: PlayView;
  /** What standing hot in the foam melts on each side beyond the kerf, mm, second by second. */
  readonly stands: readonly number[];
}

/** Seconds of standing that are tabled. */
const STANDS_S = 300;
/** What a hot wire that stands in the foam melts on each side beyond its kerf, mm, after 0, 1, 2 … s. */
export const standsOf = (h: AtFeed | null): number[] =>
  h === null
    ? []
    : Array.from({ length: STANDS_S + 1 }, (_, s) =>
        s === 0 ? 0 : Math.max(0, h.standing(s) - h.slot(h.advised)) / 2,
      );

/** The same after any time; past the table its last. */
export function standsAfter(stands: readonly number[], seconds: number): number {
  if (stands.length === 0) return 0;
  const at = Math.min(stands.length - 1, Math.max(0, seconds));
  const i = Math.min(stands.length - 2, Math.floor(at));
  return stands[i]! + (at - i) * (stands[i + 1]! - stands[i]!);
}

/** The row of a program whose lines up to one are done: its next move. */
export function rowAfter(p: Pick<PlayView, 'lines'>, line: number): number {
  const i = p.lines.findIndex((l) => l > line);
  return i < 0 ? p.lines.length : i;
}

export const playView = (p: Played, c: Cutting | null, block: Block): PlayView => ({
  block,
  faces: p.faces,
  reached: p.reached,
  kerf: c?.leftKerf ?? new Float64Array(p.takes.length).fill(NaN),
  lines: Int32Array.from(p.program.moves, (m) => m.line),
  inFoam: p.inFoam,
  total: p.total,
});

export const motionView = ({ figures, path }: Motion<PathOf[TowerKind]>): MotionView => ({
  figures,
  play: path && playView(path.played, path.cutting, path.block),
  loops: path && path.kind !== 'core' ? path.loops : [],
  sections: path?.kind === 'core' ? path.faces : null,
  slits: path?.kind === 'outline' ? path.slits.map((s) => [s.start.at, s.end.at]) : [],
  comb: path?.kind === 'comb' ? path.comb : [],
});

/** Where the wire is at a time: both faces, and the row before it. */
export function wireAt(
  p: PlayView,
  s: number,
): { readonly row: number; readonly left: Pt; readonly right: Pt } {
  let lo = 0;
  let hi = p.reached.length - 1;
  while (hi - lo > 1) {
    const mid = (lo + hi) >> 1;
    if (p.reached[mid]! <= s) lo = mid;
    else hi = mid;
  }
  const run = p.reached[hi]! - p.reached[lo]!;
  const t = run > 0 ? Math.min(1, Math.max(0, (s - p.reached[lo]!) / run)) : 0;
  const at = (k: number) => p.faces[lo * 4 + k]! + t * (p.faces[hi * 4 + k]! - p.faces[lo * 4 + k]!);
  return { row: lo, left: [at(0), at(1)], right: [at(2), at(3)] };
}
