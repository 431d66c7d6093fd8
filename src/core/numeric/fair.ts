import { apart, type Pt } from './polyline';
import { tridiagonal } from './tridiagonal';

/** Points that each stretch between two given ones is drawn with. */
const EACH = 12;

/**
 * A fair curve through points as a fine line: a cubic spline in x and y over the root of the chords (centripetal), its bend at the ends
 * that of the next point (parabolic run-out). Two points give a straight line. Points that repeat their neighbour are left out.
 * Source: Lee 1989 (centripetal parameter), from memory; spline by its second derivatives, Press et al. section 3.3.
 */
export function fairCurve(given: readonly Pt[]): Pt[] {
  const points = given.filter((p, i) => i === 0 || apart(p, given[i - 1]!) > 1e-9);
  const n = points.length;
  if (n < 3) return [...points];
  const t = new Float64Array(n);
  for (let i = 1; i < n; i++) t[i] = t[i - 1]! + Math.sqrt(apart(points[i]!, points[i - 1]!));
  const bends = [0, 1].map((axis) =>
    bendsOf(
      t,
      points.map((p) => p[axis]!),
    ),
  );
  const out: Pt[] = [points[0]!];
  for (let i = 1; i < n; i++)
    for (let k = 1; k <= EACH; k++) {
      const b = k / EACH;
      const at = (axis: 0 | 1) => {
        const m = bends[axis]!;
        const h = t[i]! - t[i - 1]!;
        const a = 1 - b;
        const six = (h * h) / 6;
        return (
          a * points[i - 1]![axis] +
          b * points[i]![axis] +
          ((a * a * a - a) * m[i - 1]! + (b * b * b - b) * m[i]!) * six
        );
      };
      out.push([at(0), at(1)]);
    }
  return out;
}

/** Second derivatives of a spline through y at t. */
function bendsOf(t: Float64Array, y: readonly number[]): Float64Array {
  const n = y.length;
  const low = new Float64Array(n);
  const mid = new Float64Array(n).fill(1);
  const up = new Float64Array(n);
  const m = new Float64Array(n);
  up[0] = -1;
  low[n - 1] = -1;
  // The run-out is not quite dominant alone; a hair more keeps the sweep from dividing by nothing.
  mid[0] = mid[n - 1] = 1 + 1e-12;
  for (let i = 1; i < n - 1; i++) {
    const before = t[i]! - t[i - 1]!;
    const after = t[i + 1]! - t[i]!;
    low[i] = before / 6;
    mid[i] = (before + after) / 3;
    up[i] = after / 6;
    m[i] = (y[i + 1]! - y[i]!) / after - (y[i]! - y[i - 1]!) / before;
  }
  tridiagonal(low, mid, up, m);
  return m;
}
