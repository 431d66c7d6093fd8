import { boxOf, type Pt } from '../../numeric/polyline';

const side = (a: Pt, b: Pt, p: Pt) => (b[0] - a[0]) * (p[1] - a[1]) - (b[1] - a[1]) * (p[0] - a[0]);

/** Where two pieces a–b and c–d cross in their insides; null where they do not. */
export function crossingOf(a: Pt, b: Pt, c: Pt, d: Pt): Pt | null {
  const c1 = side(a, b, c);
  const d1 = side(a, b, d);
  const a1 = side(c, d, a);
  const b1 = side(c, d, b);
  if (!(c1 * d1 < 0 && a1 * b1 < 0)) return null;
  const t = a1 / (a1 - b1);
  return [a[0] + t * (b[0] - a[0]), a[1] + t * (b[1] - a[1])];
}

/**
 * The first place where a closed loop crosses itself; null where it does not. Pieces are sorted by their least x, so that only
 * those whose spans of x overlap are compared.
 */
export function selfCrossing(loop: readonly Pt[]): Pt | null {
  const n = loop.length;
  const pieces = loop.map((a, i) => {
    const b = loop[(i + 1) % n]!;
    return { i, a, b, ...boxOf([a, b]) };
  });
  pieces.sort((p, q) => p.x0 - q.x0);
  for (let k = 0; k < n; k++) {
    const p = pieces[k]!;
    for (let m = k + 1; m < n && pieces[m]!.x0 <= p.x1; m++) {
      const q = pieces[m]!;
      if (q.y0 > p.y1 || q.y1 < p.y0) continue;
      const gap = Math.abs(p.i - q.i);
      if (gap <= 1 || gap === n - 1) continue;
      const at = crossingOf(p.a, p.b, q.a, q.b);
      if (at) return at;
    }
  }
  return null;
}

/** Index of the first point that is the same as the one before it, within `tolerance`; −1 where none is. */
export function duplicatePoint(loop: readonly Pt[], tolerance: number): number {
  return loop.findIndex((p, i) => {
    const q = loop[(i + loop.length - 1) % loop.length]!;
    return Math.hypot(p[0] - q[0], p[1] - q[1]) <= tolerance;
  });
}
