import type { Pt } from '../../numeric/polyline';
import type { Contact } from '../../physics/motion/near';
import type { Slit } from '../../physics/motion/slits';

/** Which point of a loop is nearest to a place. */
export function pointOf(loop: readonly Pt[], [x, y]: Pt): number {
  let best = 0;
  loop.forEach((p, i) => {
    if (Math.hypot(p[0] - x, p[1] - y) < Math.hypot(loop[best]![0] - x, loop[best]![1] - y)) best = i;
  });
  return best;
}

export function slitBetween(
  s: Slit & { readonly at: readonly [number, number] },
  entry: Pt,
  loops: readonly (readonly Pt[])[],
): Slit {
  const start = s.from < 0 ? entry : loops[s.from]![s.at[0]]!;
  const end = loops[s.to]![s.at[1]]!;
  return {
    from: s.from,
    to: s.to,
    start: { at: start, edge: s.at[0] },
    end: { at: end, edge: s.at[1] },
    lengthMm: Math.hypot(end[0] - start[0], end[1] - start[1]),
  };
}

export const contactsOf = (slits: readonly Slit[], k: number) =>
  slits.flatMap((s) => [...(s.from === k ? [s.start] : []), ...(s.to === k ? [s.end] : [])]);

/** Distances from a corner at which a long edge gets points of its own, mm. Ours. */
const FINE_MM = [0.4, 0.8, 1.6, 3.2];

/** An edge from which on one is long, mm. Ours. */
const LONG_MM = 4;

/** A loop with its contacts as points, and points near the ends of long edges. */
export function fineAt(loop: readonly Pt[], contacts: readonly Contact[]): Pt[] {
  const out: Pt[] = [];
  loop.forEach((p, i) => {
    const q = loop[(i + 1) % loop.length]!;
    const along = (c: Pt) => Math.hypot(c[0] - p[0], c[1] - p[1]);
    const length = along(q);
    const stops = [0, ...contacts.filter((c) => c.edge === i).map((c) => along(c.at)), length].sort(
      (a, b) => a - b,
    );
    const places = new Set<number>([0]);
    stops.slice(1).forEach((to, k) => {
      const from = stops[k]!;
      if (from > 0) places.add(from);
      // On short edges the loop's own points are near enough, but for where a slit begins.
      if (length < LONG_MM && stops.length === 2) return;
      for (const d of FINE_MM) if (to - from > 2.5 * d) for (const s of [from + d, to - d]) places.add(s);
    });
    for (const s of [...places].sort((a, b) => a - b))
      if (s < length)
        out.push(s === 0 ? p : [p[0] + (s / length) * (q[0] - p[0]), p[1] + (s / length) * (q[1] - p[1])]);
  });
  return out;
}
