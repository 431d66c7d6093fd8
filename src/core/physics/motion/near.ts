import type { Pt } from '../../numeric/polyline';

/** A closed loop with boxes round runs of its edges, so that the nearest points of two loops are found without trying every pair. */
export interface BoxedLoop {
  readonly loop: readonly Pt[];
  /** x0, y0, x1, y1 of each run of edges. */
  readonly boxes: Float64Array;
  readonly whole: readonly [number, number, number, number];
}
/** Where a loop is met: the point, and the edge it lies on by the index of the edge's first point. */
export interface Contact {
  readonly at: Pt;
  readonly edge: number;
}
export interface Nearest {
  readonly distance: number;
  readonly from: Contact;
  readonly to: Contact;
}

/** Edges in a run. Ours. */
const RUN = 16;

export function boxed(loop: readonly Pt[]): BoxedLoop {
  const runs = Math.max(1, Math.ceil(loop.length / RUN));
  const boxes = new Float64Array(runs * 4);
  const whole: [number, number, number, number] = [Infinity, Infinity, -Infinity, -Infinity];
  for (let r = 0; r < runs; r++) {
    const box: [number, number, number, number] = [Infinity, Infinity, -Infinity, -Infinity];
    for (let i = r * RUN; i <= Math.min(loop.length, (r + 1) * RUN); i++) {
      const [x, y] = loop[i % loop.length]!;
      box[0] = Math.min(box[0], x);
      box[1] = Math.min(box[1], y);
      box[2] = Math.max(box[2], x);
      box[3] = Math.max(box[3], y);
    }
    boxes.set(box, r * 4);
    for (const k of [0, 1]) whole[k] = Math.min(whole[k]!, box[k]!);
    for (const k of [2, 3]) whole[k] = Math.max(whole[k]!, box[k]!);
  }
  return { loop, boxes, whole };
}

/** Distance of two boxes, 0 where they overlap. */
export function boxesApart(a: ArrayLike<number>, b: ArrayLike<number>, i = 0, j = 0): number {
  const dx = Math.max(0, b[j]! - a[i + 2]!, a[i]! - b[j + 2]!);
  const dy = Math.max(0, b[j + 1]! - a[i + 3]!, a[i + 1]! - b[j + 3]!);
  return Math.hypot(dx, dy);
}

/**
 * Nearest points of the edges of two loops that do not cross, if they are nearer than `under`; null where they are not. A loop of one point is a
 * point. Between two edges that do not cross the shortest way begins at an end of one of them.
 */
export function nearestOf(a: BoxedLoop, b: BoxedLoop, under = Infinity): Nearest | null {
  let best = under;
  let found: Nearest | null = null;
  if (boxesApart(a.whole, b.whole) >= best) return null;
  const runs = (p: BoxedLoop) => p.boxes.length / 4;
  for (let i = 0; i < runs(a); i++) {
    if (boxesApart(a.boxes, b.whole, i * 4) >= best) continue;
    for (let j = 0; j < runs(b); j++) {
      if (boxesApart(a.boxes, b.boxes, i * 4, j * 4) >= best) continue;
      for (let k = i * RUN; k < Math.min(a.loop.length, (i + 1) * RUN); k++)
        for (let m = j * RUN; m < Math.min(b.loop.length, (j + 1) * RUN); m++) {
          pointToEdge(a, k, b, m, false);
          pointToEdge(b, m, a, k, true);
        }
    }
  }
  return found;

  /** Point k of p against edge m of q; `turned`: p is b. */
  function pointToEdge(p: BoxedLoop, k: number, q: BoxedLoop, m: number, turned: boolean): void {
    const [x, y] = p.loop[k]!;
    const [ax, ay] = q.loop[m]!;
    const [bx, by] = q.loop[(m + 1) % q.loop.length]!;
    const [ex, ey] = [bx - ax, by - ay];
    const square = ex * ex + ey * ey;
    const t = square > 0 ? Math.min(1, Math.max(0, ((x - ax) * ex + (y - ay) * ey) / square)) : 0;
    const [cx, cy] = [ax + t * ex, ay + t * ey];
    const d = Math.hypot(x - cx, y - cy);
    if (d >= best) return;
    best = d;
    const own: Contact = { at: [x, y], edge: k };
    const other: Contact = { at: [cx, cy], edge: m };
    found = turned ? { distance: d, from: other, to: own } : { distance: d, from: own, to: other };
  }
}
