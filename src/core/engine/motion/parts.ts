import { boxOf, nearest, arcs, segmentAt, type Pt } from '../../numeric/polyline';
import { isInside } from '../../numeric/inside';
import { crossing } from '../../numeric/crossing';
import type { Contact } from '../../physics/motion/near';
import type { Slit } from '../../physics/motion/slits';

type Loops = readonly (readonly Pt[])[];

/** Loops of a drawing as parts: each solid with its own holes. A solid within a hole is a part of its own. Indices of the loops. */
export function partsIn(loops: Loops): number[][] {
  const boxes = loops.map((l) => boxOf(l));
  const within = (i: number, j: number) => {
    const [a, b] = [boxes[i]!, boxes[j]!];
    return a.x0 >= b.x0 && a.x1 <= b.x1 && a.y0 >= b.y0 && a.y1 <= b.y1 && isInside(loops[j]!, loops[i]![0]!);
  };
  const about = loops.map((_, i) => loops.flatMap((_l, j) => (j !== i && within(i, j) ? [j] : [])));
  const parts = new Map<number, number[]>();
  loops.forEach((_, i) => about[i]!.length % 2 === 0 && parts.set(i, [i]));
  loops.forEach((_, i) => {
    if (about[i]!.length % 2 === 0) return;
    // A hole belongs to the solid right about it: the one that most others are about, too.
    const own = about[i]!.reduce((best, j) => (about[j]!.length > about[best]!.length ? j : best));
    parts.get(own)?.push(i);
  });
  return [...parts.values()];
}

/** A place for a rectangle of a size, its lower left corner. */
export interface Laid {
  readonly x: number;
  readonly y: number;
}

/**
 * Rectangles laid into a block, first fit by falling height on shelves (Coffman, Garey, Johnson and Tarjan, SIAM J. Computing 9, 1980), `gap` apart and off its
 * faces; null for those that no shelf has room for.
 */
export function packed(
  sizes: readonly (readonly [number, number])[],
  [wide, high]: readonly [number, number],
  gap: number,
): (Laid | null)[] {
  const order = sizes.map((_, i) => i).sort((a, b) => sizes[b]![1] - sizes[a]![1] || a - b);
  const shelves: { readonly y: number; readonly high: number; x: number }[] = [];
  const out: (Laid | null)[] = sizes.map(() => null);
  for (const i of order) {
    const [w, h] = sizes[i]!;
    let shelf = shelves.find((s) => h <= s.high + 1e-9 && s.x + w <= wide - gap + 1e-9);
    if (!shelf) {
      const last = shelves.at(-1);
      const y = last ? last.y + last.high + gap : gap;
      if (y + h > high - gap + 1e-9 || gap + w > wide - gap + 1e-9) continue;
      shelf = { y, high: h, x: gap };
      shelves.push(shelf);
    }
    out[i] = { x: shelf.x, y: shelf.y };
    shelf.x += w + gap;
  }
  return out;
}

/** A slit that is wanted elsewhere than it would lie. */
export interface WantedSlit {
  readonly from: Pt;
  readonly to: Pt;
}
/** A wanted slit is the one whose loop comes so near to where it is wanted to end, mm. Ours. */
const NEAR_MM = 5;

/** Slits with those moved that are wanted elsewhere, and how many could not be: they would cross an outline. */
export function slitsMoved(
  slits: readonly Slit[],
  wanted: readonly WantedSlit[],
  entry: Pt,
  loops: Loops,
): { readonly slits: Slit[]; readonly refused: number } {
  const left = [...wanted];
  let refused = 0;
  const moved = slits.map((s): Slit => {
    const at = left.findIndex((w) => contactOn(loops[s.to]!, w.to).off < NEAR_MM);
    if (at < 0) return s;
    const [w] = left.splice(at, 1);
    const end = contactOn(loops[s.to]!, w!.to);
    const start = s.from < 0 ? { at: entry, edge: 0 } : contactOn(loops[s.from]!, w!.from);
    if (loops.some((l) => crossing(start.at, end.at, l))) {
      refused++;
      return s;
    }
    const lengthMm = Math.hypot(end.at[0] - start.at[0], end.at[1] - start.at[1]);
    return { ...s, start: { at: start.at, edge: start.edge }, end: { at: end.at, edge: end.edge }, lengthMm };
  });
  return { slits: moved, refused: refused + left.length };
}

/** The place of a closed loop nearest to a point, and how far off that is. */
function contactOn(loop: readonly Pt[], p: Pt): Contact & { readonly off: number } {
  const closed = [...loop, loop[0]!];
  const { at, arc, distance } = nearest(closed, p);
  return { at, edge: segmentAt(arcs(closed), arc), off: distance };
}
