import type { Pt } from '../../numeric/polyline';
import { Heap } from '../../numeric/heap';
import { boxed, boxesApart, nearestOf, type Contact } from './near';

/** A slit between two loops, or from the entry (`from` −1) to one: gone in and out along one line. */
export interface Slit {
  readonly from: number;
  readonly to: number;
  readonly start: Contact;
  readonly end: Contact;
  readonly lengthMm: number;
}

type Ends = { readonly from: Contact; readonly to: Contact };

/**
 * The shortest network of slits that reaches every loop from the entry: minimum spanning tree over the loops by the nearest points of their edges
 * (Prim, Bell System Technical Journal 36, 1957), in the order in which they are joined. No slit of it crosses a loop: the loop would
 * be nearer to both of its ends.
 */
export function slitsOf(entry: Pt, loops: readonly (readonly Pt[])[]): Slit[] {
  const all = [boxed([entry]), ...loops.map(boxed)];
  const n = all.length;
  const joined = new Uint8Array(n);
  // How near two loops can be at most is known from their boxes: only pairs that may be next are looked at point by point.
  const next = new Heap<{ readonly i: number; readonly j: number; readonly near: Ends | null }>();
  const best = new Float64Array(n).fill(Infinity);
  const add = (i: number) => {
    joined[i] = 1;
    for (let j = 1; j < n; j++) {
      if (joined[j]) continue;
      const least = boxesApart(all[i]!.whole, all[j]!.whole);
      if (least < best[j]!) next.push(least, { i, j, near: null });
    }
  };
  const out: Slit[] = [];
  add(0);
  for (let found = next.pop(); found && out.length < n - 1; found = next.pop()) {
    const { i, j, near } = found.value;
    if (joined[j]) continue;
    if (!near) {
      const exact = nearestOf(all[i]!, all[j]!, best[j]!);
      if (exact) {
        best[j] = exact.distance;
        next.push(exact.distance, { i, j, near: exact });
      }
      continue;
    }
    out.push({
      from: i - 1,
      to: j - 1,
      start: near.from,
      end: near.to,
      lengthMm: Math.hypot(near.to.at[0] - near.from.at[0], near.to.at[1] - near.from.at[1]),
    });
    add(j);
  }
  return out;
}

/** Unit of the points, mm where the engine uses it. Ours. */
const NEAR_START = 1;

const nearStart = (a: Pt, b: Pt) => Math.hypot(a[0] - b[0], a[1] - b[1]) < NEAR_START;

/** A step of the wire's way over loops and slits. */
export interface TourStep {
  readonly at: Pt;
  /** What the way to this point runs along: a slit by its index (in or out), or a loop by its index. */
  readonly along:
    | { readonly kind: 'slit'; readonly slit: number; readonly out: boolean }
    | { readonly kind: 'loop'; readonly loop: number };
}

/**
 * One unbroken way over all loops: from the entry along the slits of a tree, round each loop from where its slit meets it; what hangs on a loop
 * by further slits is done on the way round, so that it is through before the loop closes. A loop is walked the way about in which what hangs
 * low on it comes last; what hangs less than `NEAR_START` before the place where the walk began is done first, or the loop would be closed before it.
 * Ends at the entry.
 */
export function tourOf(entry: Pt, loops: readonly (readonly Pt[])[], slits: readonly Slit[]): TourStep[] {
  const hanging = new Map<number, number[]>();
  slits.forEach((s, i) => hanging.set(s.from, [...(hanging.get(s.from) ?? []), i]));
  const out: TourStep[] = [];
  // A stack of what is still to do, the next on top: a chain of loops may be as long as there are loops.
  type Todo = () => void;
  const stack: Todo[] = [];
  const push = (todo: readonly Todo[]) => {
    for (let i = todo.length - 1; i >= 0; i--) stack.push(todo[i]!);
  };
  const step =
    (at: Pt, along: TourStep['along']): Todo =>
    () =>
      void out.push({ at, along });
  const visit = (i: number): Todo => {
    const s = slits[i]!;
    const slit = (isOut: boolean): TourStep['along'] => ({ kind: 'slit', slit: i, out: isOut });
    return () => push([step(s.end.at, slit(false)), round(s.to, s.end), step(s.start.at, slit(true))]);
  };
  const round =
    (k: number, start: Contact): Todo =>
    () => {
      const loop = loops[k]!;
      const n = loop.length;
      const along: TourStep['along'] = { kind: 'loop', loop: k };
      const place = (c: Contact) => {
        const from = loop[c.edge]!;
        const ahead = Math.hypot(c.at[0] - from[0], c.at[1] - from[1]);
        const first = Math.hypot(start.at[0] - loop[start.edge]![0], start.at[1] - loop[start.edge]![1]);
        const edges = (c.edge - start.edge + n) % n;
        return edges === 0 && ahead < first - 1e-12 ? [n, ahead] : [edges, ahead];
      };
      const all = (hanging.get(k) ?? []).map((i) => ({
        i,
        place: place(slits[i]!.start),
        low: slits[i]!.end.at[1],
      }));
      const atStart = all.filter(({ i }) => nearStart(slits[i]!.start.at, start.at));
      const children = all
        .filter((c) => !atStart.includes(c))
        .sort((a, b) => a.place[0]! - b.place[0]! || a.place[1]! - b.place[1]!);
      const forward: Todo[] = atStart.flatMap(({ i }) => [
        step(slits[i]!.start.at, along),
        visit(i),
        step(start.at, along),
      ]);
      const corners: { at: Pt; order: readonly number[] }[] = [];
      for (let e = 1; e <= n; e++) corners.push({ at: loop[(start.edge + e) % n]!, order: [e - 1, Infinity] });
      const stops = [
        ...corners.map((c) => ({ order: c.order, todo: [step(c.at, along)] })),
        ...children.map((c) => ({ order: c.place, todo: [step(slits[c.i]!.start.at, along), visit(c.i)] })),
      ].sort(
        (a, b) => a.order[0]! - b.order[0]! || (a.order[1] === b.order[1] ? 0 : a.order[1]! - b.order[1]!),
      );
      const backward = children.length > 1 && children[0]!.low < children[children.length - 1]!.low;
      for (const s of backward ? stops.reverse() : stops) forward.push(...s.todo);
      push([...forward, step(start.at, along)]);
    };
  push([step(entry, { kind: 'slit', slit: -1, out: false }), ...(hanging.get(-1) ?? []).map(visit)]);
  while (stack.length > 0) stack.pop()!();
  return out;
}
