import type { Pt } from './polyline';

/** A plane seen in perspective: from the picture to the plane. Null where the four corners do not span it. */
export type Plane = (picture: Pt) => Pt;

/**
 * The plane of a picture by four of its points whose places are known, no three of them on one line: the projective map of four points,
 * eight linear equations. Null where they do not decide it. Source: Hartley and Zisserman 2004, section 4.1, from memory.
 */
export function planeOf(picture: readonly Pt[], known: readonly Pt[]): Plane | null {
  if (picture.length !== 4 || known.length !== 4) return null;
  const rows: number[][] = [];
  for (let i = 0; i < 4; i++) {
    const [x, y] = picture[i]!;
    const [u, v] = known[i]!;
    rows.push([x, y, 1, 0, 0, 0, -u * x, -u * y, u], [0, 0, 0, x, y, 1, -v * x, -v * y, v]);
  }
  const h = solved(rows);
  if (!h) return null;
  const [a, b, c, d, e, f, g, k] = h as [number, number, number, number, number, number, number, number];
  return ([x, y]) => {
    const w = g * x + k * y + 1;
    return [(a * x + b * y + c) / w, (d * x + e * y + f) / w];
  };
}

/** A picture taken square to its plane, by two points a known length apart; y of the plane up, of the picture down. */
export function scaleOf([a, b]: readonly [Pt, Pt], length: number): Plane | null {
  const run = Math.hypot(b[0] - a[0], b[1] - a[1]);
  if (!(run > 0)) return null;
  const k = length / run;
  return ([x, y]) => [(x - a[0]) * k, (a[1] - y) * k];
}

/** Gaussian elimination with pivots by size; null where the system is singular. Rows hold the coefficients and the right side. */
function solved(rows: number[][]): number[] | null {
  const n = rows.length;
  for (let c = 0; c < n; c++) {
    let p = c;
    for (let r = c + 1; r < n; r++) if (Math.abs(rows[r]![c]!) > Math.abs(rows[p]![c]!)) p = r;
    const pivot = rows[p]![c]!;
    if (Math.abs(pivot) < 1e-9) return null;
    [rows[c], rows[p]] = [rows[p]!, rows[c]!];
    for (let r = 0; r < n; r++) {
      if (r === c) continue;
      const f = rows[r]![c]! / pivot;
      if (f !== 0) for (let k = c; k <= n; k++) rows[r]![k]! -= f * rows[c]![k]!;
    }
  }
  return rows.map((row, i) => row[n]! / row[i]!);
}
