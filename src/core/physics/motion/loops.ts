import { Clipper, EndType, FillRule, JoinType } from 'clipper2-ts';
import { signedArea, type Pt } from '../../numeric/polyline';
import { clipped as clip, toPath, type ClipPath } from '../shape/clip';

/** Decimals that clipping keeps, and how far a round corner may lie from a true arc, mm. */
const DECIMALS = 5;
const ARC = 0.002;
/** A point that lies nearer than this to the line of its neighbours is left out, mm. Ours: a motor's step is ten times as long. */
const STRAIGHT = 0.002;

const clipped = (work: () => ClipPath[]): Pt[][] => clip('loops', work).filter((loop) => loop.length >= 3);

/** Points nearer than this are one, mm. Ours: a tenth of a motor's step. */
const GRID = 1e-4;
const snap = (mm: number) => Math.round(mm / GRID) * GRID;

/** A loop without points on top of one another and without spikes that go out and back along one line; null where nothing of it has an area. */
export function cleaned(loop: readonly Pt[]): Pt[] | null {
  let out = loop.map(([x, y]): Pt => [snap(x), snap(y)]);
  for (;;) {
    const n = out.length;
    if (n < 3) return null;
    const kept = out.filter((p, i) => {
      const [a, b] = [out[(i - 1 + n) % n]!, out[(i + 1) % n]!];
      const [ux, uy, vx, vy] = [p[0] - a[0], p[1] - a[1], b[0] - p[0], b[1] - p[1]];
      const [u, v] = [Math.hypot(ux, uy), Math.hypot(vx, vy)];
      if (u < GRID / 2) return false;
      // Straight back: the shorter of both legs stands off the other by less than a point does.
      return ux * vx + uy * vy >= 0 || Math.abs(ux * vy - uy * vx) > GRID * Math.max(u, v);
    });
    if (kept.length === n) break;
    out = kept;
  }
  return Math.abs(signedArea(out)) > GRID ? out : null;
}

/**
 * Closed loops as what is solid by the even–odd rule: a loop inside another is its hole, one inside that is solid again. Where loops cross they are
 * parted. Solids come out counter-clockwise, holes clockwise. Package clipper2-ts (polygon clipping after Vatti 1992).
 */
export const solidsOf = (loops: readonly (readonly Pt[])[]): Pt[][] =>
  clipped(() =>
    Clipper.unionD(
      loops.flatMap((l) => {
        const clean = cleaned(l);
        return clean ? [toPath(clean)] : [];
      }),
      [],
      FillRule.EvenOdd,
      DECIMALS,
    ),
  );

/** What several sets of loops cover together, as solids and holes. */
export const coveredBy = (loops: readonly (readonly Pt[])[]): Pt[][] =>
  clipped(() => Clipper.unionD(loops.map(toPath), [], FillRule.NonZero, DECIMALS));

/**
 * Solids grown by g all round, their holes shrunk by as much: the way of a wire's middle whose kerf is 2g. Outer corners come out round, inner ones
 * sharp; holes narrower than the kerf close, solids nearer than it grow together.
 */
export const grownBy = (solids: readonly (readonly Pt[])[], g: number): Pt[][] =>
  clipped(() =>
    Clipper.simplifyPathsD(
      Clipper.inflatePathsD(solids.map(toPath), g, JoinType.Round, EndType.Polygon, 2, DECIMALS, ARC),
      STRAIGHT,
      true,
    ),
  );

/** Area of solids less that of their holes. */
export const netArea = (loops: readonly (readonly Pt[])[]): number =>
  loops.reduce((sum, l) => sum + signedArea(l), 0);

/** Whether a loop is solid's edge, by the way about it runs. */
export const isSolid = (loop: readonly Pt[]): boolean => signedArea(loop) > 0;

/**
 * A closed loop with each corner moved outwards (to the right of a counter-clockwise way; under 0 inwards) by its own distance, square to both edges
 * there; at sharp corners no further than twice the distance.
 */
export function shiftedBy(loop: readonly Pt[], by: readonly number[]): Pt[] {
  const n = loop.length;
  return loop.map(([x, y], i): Pt => {
    const [before, after] = [loop[(i - 1 + n) % n]!, loop[(i + 1) % n]!];
    const unit = (dx: number, dy: number): Pt => {
      const l = Math.hypot(dx, dy) || 1;
      return [dx / l, dy / l];
    };
    const [ux, uy] = unit(x - before[0], y - before[1]);
    const [vx, vy] = unit(after[0] - x, after[1] - y);
    const [nx, ny] = [uy + vy, -ux - vx];
    const half = Math.hypot(nx, ny) / 2;
    if (half < 1e-9) return [x, y];
    const reach = by[i]! / Math.max(0.5, half) / (2 * half);
    return [x + nx * reach, y + ny * reach];
  });
}

/** A line with each point moved to the left of its way by its own distance, square to the line between its neighbours; under 0 to the right. */
export function lineShiftedBy(line: readonly Pt[], by: readonly number[]): Pt[] {
  return line.map((p, i): Pt => {
    if (by[i] === 0) return p;
    const [a, b] = [line[Math.max(0, i - 1)]!, line[Math.min(line.length - 1, i + 1)]!];
    const run = Math.hypot(b[0] - a[0], b[1] - a[1]) || 1;
    return [p[0] - ((b[1] - a[1]) * by[i]!) / run, p[1] + ((b[0] - a[0]) * by[i]!) / run];
  });
}
