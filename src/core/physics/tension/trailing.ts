import { rootIncreasing } from '../../numeric/root';
import { dragPerMetre } from '../foam/drag';

/** A point of a path, m. */
export interface Point {
  readonly x: number;
  readonly y: number;
}

/** What the middle's pace depends on: 10 % stress Pa, diameter m, max feed m/s, and N of restoring pull a metre of lag, over the foam's width. */
export interface Trail {
  readonly stress10: number;
  readonly diameter: number;
  readonly fastest: number;
  /** Drag in N/m that a lag of one metre is balanced by: 8T/(b(2L−b)), or 8T/b² on templates. */
  readonly stiffness: number;
}

/** Paces over this many times the max feed are all one: torn. */
const MOST = 100;

/**
 * Pace of the middle at a lag, m/s: the feed at which the drag is stiffness × lag. The drag rises with the feed all the way, so
 * it is inverted by a search.
 */
export function paceAt(t: Trail, lagM: number): number {
  const want = t.stiffness * lagM;
  let hi = 3 * t.fastest;
  // Crushing has an end: past it the middle is torn along as fast as it is pulled.
  if (want >= dragPerMetre(t.stress10, t.diameter, MOST)) return MOST * t.fastest;
  while (dragPerMetre(t.stress10, t.diameter, hi / t.fastest) < want) hi *= 2;
  const f = (pace: number) => dragPerMetre(t.stress10, t.diameter, pace / t.fastest) - want;
  return rootIncreasing(f, 0, hi, 0.5 * t.fastest, 1e-12 * t.fastest).x;
}

/**
 * Path of the middle of the wire whose ends follow `ends` (points at even times `dt`, s): it moves along the line to them at the
 * pace whose drag balances the lag. Starts `behind` (m) on the line of the first two points. Source: PHYSICS section 3, ours.
 */
export function trailingPath(t: Trail, ends: readonly Point[], dt: number, behind: number): Point[] {
  const first = ends[0]!;
  const second = ends[1] ?? first;
  const run = Math.hypot(second.x - first.x, second.y - first.y) || 1;
  let x = first.x - (behind * (second.x - first.x)) / run;
  let y = first.y - (behind * (second.y - first.y)) / run;
  const out: Point[] = [{ x, y }];
  for (let i = 1; i < ends.length; i++) {
    const dx = ends[i]!.x - x;
    const dy = ends[i]!.y - y;
    const gap = Math.hypot(dx, dy);
    const go = Math.min(1, gap > 0 ? (paceAt(t, gap) * dt) / gap : 0);
    x += go * dx;
    y += go * dy;
    out.push({ x, y });
  }
  return out;
}
