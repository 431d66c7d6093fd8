import { CoreFault } from '../../numeric/fault';

/** What an axis can do, mm/s and mm/s² (a turning axis: of the wire's distance from it). */
export interface AxisLimits {
  readonly speed: number;
  readonly accel: number;
}

/** A path as rows of `axes` coordinates each, one row a node; one asked time for each way between two of them. */
export interface AskedPath {
  readonly axes: readonly AxisLimits[];
  /** Row after row, mm. */
  readonly at: Float64Array;
  /** Seconds that each way is asked to take, over 0. */
  readonly asked: Float64Array;
  /** Whether the machine comes to rest at a node: waits, heat, pauses. The first and the last one always do. */
  readonly rests: (node: number) => boolean;
  /** How far from a corner it may pass, mm. */
  readonly delta: number;
  /** Speed that it comes with, mm/s; from rest where left out. */
  readonly entry?: number;
}
/** What the machine makes of it: seconds of each way, and the speed at each node, mm/s along the path of all axes. */
export interface TakenPath {
  readonly seconds: Float64Array;
  readonly speeds: Float64Array;
  readonly total: number;
}

/** Ways shorter than this are no way, mm: it is under any step. */
const NO_WAY = 1e-9;

/**
 * Time that a machine takes along a path it is asked to follow: each way's speed is what is asked or what the slowest of its axes allows, its
 * acceleration that of the axis that sets it; corners are taken on the arc that touches both ways and passes within `delta` of the corner,
 * v² = a·δ·s/(1 − s) with s the sine of half the angle between the ways; then back and forth v² ≤ v′² + 2aℓ, and a trapezoid for each way.
 * Common practice of motion planners; the arc by plane geometry. Throws where a time is not over 0.
 */
export function timeTaken(path: AskedPath): TakenPath {
  const { axes, at, asked, delta } = path;
  const n = asked.length;
  const dim = axes.length;
  if (at.length !== (n + 1) * dim)
    throw new CoreFault('range', 'at', 'must hold a row more than there are ways');
  const length = new Float64Array(n);
  const most = new Float64Array(n);
  const accel = new Float64Array(n);
  for (let i = 0; i < n; i++) {
    if (!(asked[i]! > 0)) throw new CoreFault('range', 'asked', 'must be over 0');
    let square = 0;
    for (let k = 0; k < dim; k++) square += (at[(i + 1) * dim + k]! - at[i * dim + k]!) ** 2;
    const l = Math.sqrt(square);
    length[i] = l;
    if (l < NO_WAY) continue;
    let v = l / asked[i]!;
    let a = Infinity;
    for (let k = 0; k < dim; k++) {
      const share = Math.abs(at[(i + 1) * dim + k]! - at[i * dim + k]!) / l;
      if (share < 1e-12) continue;
      v = Math.min(v, axes[k]!.speed / share);
      a = Math.min(a, axes[k]!.accel / share);
    }
    most[i] = v;
    accel[i] = a;
  }
  const square = squaresAtNodes(path, length, most, accel);
  const seconds = new Float64Array(n);
  let total = 0;
  for (let i = 0; i < n; i++) {
    const l = length[i]!;
    seconds[i] = l < NO_WAY ? 0 : trapezoid(square[i]!, square[i + 1]!, most[i]!, accel[i]!, l);
    total += seconds[i]!;
  }
  return { seconds, speeds: square.map(Math.sqrt), total };

  function squaresAtNodes(p: AskedPath, len: Float64Array, v: Float64Array, a: Float64Array): Float64Array {
    const out = new Float64Array(n + 1);
    // The corner between two ways that go anywhere: what lies between them of no length has no corner.
    let before = -1;
    for (let i = 0; i < n; i++) {
      if (len[i]! < NO_WAY) continue;
      const first = before < 0 && !anyRests(0, i) ? (p.entry ?? 0) ** 2 : 0;
      let allowed = before < 0 || anyRests(before + 1, i) ? first : cornerSquare(before, i);
      if (before >= 0) allowed = Math.min(allowed, v[before]! ** 2, v[i]! ** 2);
      for (let k = before + 1; k <= i; k++) out[k] = allowed;
      before = i;
    }
    for (let i = n - 1; i >= 0; i--)
      if (len[i]! >= NO_WAY) out[i] = Math.min(out[i]!, reach(out, i) + 2 * a[i]! * len[i]!);
      else out[i] = Math.min(out[i]!, out[i + 1]!);
    for (let i = 0; i < n; i++)
      if (len[i]! >= NO_WAY) out[i + 1] = Math.min(out[i + 1]!, out[i]! + 2 * a[i]! * len[i]!);
      else out[i + 1] = Math.min(out[i + 1]!, out[i]!);
    return out;

    function anyRests(from: number, to: number): boolean {
      for (let k = from; k <= to; k++) if (p.rests(k)) return true;
      return false;
    }
    function cornerSquare(i: number, j: number): number {
      let dot = 0;
      for (let k = 0; k < dim; k++)
        dot +=
          ((at[(i + 1) * dim + k]! - at[i * dim + k]!) * (at[(j + 1) * dim + k]! - at[j * dim + k]!)) /
          (len[i]! * len[j]!);
      // Angle between the sides is 180° less the turn: sin of its half is the cosine of half the turn.
      const s = Math.sqrt(Math.max(0, (1 + dot) / 2));
      return s >= 1 - 1e-15 ? Infinity : (Math.min(a[i]!, a[j]!) * delta * s) / (1 - s);
    }
  }
}

const reach = (squares: Float64Array, i: number) => squares[i + 1]!;

/** Seconds of a way with these squared speeds at its ends, this speed at most. */
function trapezoid(v0: number, v1: number, most: number, a: number, l: number): number {
  const peak = Math.min(most, Math.sqrt((2 * a * l + v0 + v1) / 2));
  const [from, to] = [Math.sqrt(v0), Math.sqrt(v1)];
  const even = l - (2 * peak * peak - v0 - v1) / (2 * a);
  return (peak - from) / a + (peak - to) / a + Math.max(0, even) / peak;
}
