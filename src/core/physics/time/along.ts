import { tridiagonal } from '../../numeric/tridiagonal';
import type { Grid } from './grid';

/** Heat along a wire: d/dx(kA dT/dx) + source(T) − loss(zone, T) = C ∂T/∂t. SI; temperatures °C. */
export interface AlongProblem {
  readonly grid: Grid;
  /** Conductivity times area, W·m/K. */
  readonly kA: number;
  /** Temperatures of the two clamps. */
  readonly ends: readonly [number, number];
  /** Heat made per metre at a temperature, W/m. */
  readonly source: (tempC: number) => number;
  /** Heat lost per metre in a zone at a temperature, W/m; rising with it. */
  readonly loss: (zone: Grid['zones'][number], tempC: number) => number;
}

/** A step in time: capacity in J/(m·K), seconds of the step, temperatures before it. */
export interface Step {
  readonly capacity: number;
  readonly seconds: number;
  readonly before: Float64Array;
}

/** How a solution ended: only a converged one may be shown without a warning. */
export interface AlongResult {
  /** °C in the middle of each cell. */
  readonly tempC: Float64Array;
  /** Heat that leaves into each clamp, W. */
  readonly toClamps: readonly [number, number];
  readonly steps: number;
  readonly converged: boolean;
}

const MOST_STEPS = 60;
/** The largest change of a temperature, K, at which the iteration stops. */
const TOL = 1e-5;
/** No cell is moved by more than this in one step, K. */
const STRIDE = 150;

/**
 * Temperatures along a wire by Newton's method on finite volumes with a tridiagonal solve a step; steady, or one backward
 * Euler step of it. `start` gives the first guess (n values) and is not changed. Faults: none thrown; `converged` false
 * where 60 steps do not settle it. Source: finite volumes as in Patankar (1980), Numerical Heat Transfer, chapter 4.
 */
export function solveAlong(p: AlongProblem, start: Float64Array, step?: Step): AlongResult {
  const { faces, zones } = p.grid;
  const n = zones.length;
  const t = Float64Array.from(start);
  const low = new Float64Array(n);
  const mid = new Float64Array(n);
  const up = new Float64Array(n);
  const rhs = new Float64Array(n);
  const size = (i: number) => faces[i + 1]! - faces[i]!;
  // Conductance through face i, W/K: between the middles of two cells, or from a clamp to the first middle.
  const through = new Float64Array(n + 1);
  for (let i = 0; i <= n; i++) {
    const apart = i === 0 ? size(0) / 2 : i === n ? size(n - 1) / 2 : (size(i - 1) + size(i)) / 2;
    through[i] = p.kA / apart;
  }
  const at = (i: number) => (i < 0 ? p.ends[0] : i >= n ? p.ends[1] : t[i]!);
  let steps = 0;
  let converged = false;
  while (!converged && steps < MOST_STEPS) {
    steps++;
    for (let i = 0; i < n; i++) {
      const zone = zones[i]!;
      const here = t[i]!;
      const net = p.source(here) - p.loss(zone, here);
      const slope = (p.source(here + 0.01) - p.loss(zone, here + 0.01) - net) / 0.01;
      const stored = step ? (step.capacity / step.seconds) * size(i) : 0;
      const flow = through[i]! * (at(i - 1) - here) + through[i + 1]! * (at(i + 1) - here);
      low[i] = -through[i]!;
      up[i] = -through[i + 1]!;
      mid[i] = through[i]! + through[i + 1]! + stored - Math.min(0, slope) * size(i);
      rhs[i] = flow + net * size(i) - (step ? stored * (here - step.before[i]!) : 0);
    }
    tridiagonal(low, mid, up, rhs);
    let most = 0;
    for (let i = 0; i < n; i++) {
      const change = Math.max(-STRIDE, Math.min(STRIDE, rhs[i]!));
      t[i] = t[i]! + change;
      if (!(Math.abs(change) <= most)) most = Math.abs(change);
    }
    converged = most < TOL;
  }
  return {
    tempC: t,
    toClamps: [through[0]! * (t[0]! - p.ends[0]), through[n]! * (t[n - 1]! - p.ends[1])],
    steps,
    converged,
  };
}
