import { scaledK0, scaledK1 } from '../../numeric/bessel';
import { rootIncreasing } from '../../numeric/root';
import { evenSpline, splineAt } from '../../numeric/spline';

const EULER_GAMMA = 0.5772156649015329;
/** The classical melting efficiency of a line source, √(2/(πe)). */
export const MELTING_EFFICIENCY = Math.sqrt(2 / (Math.PI * Math.E));

/**
 * 1−K0(p)/K1(p), for large p by the asymptotic series K0/K1 = 1 − 1/(2p) + 3/(8p²) − 3/(8p³) + 63/(128p⁴)
 * (from NIST DLMF 10.40.2), because the difference of nearly equal numbers loses every figure there.
 */
function gap(p: number): number {
  if (p < 30) return 1 - scaledK0(p) / scaledK1(p);
  const u = 1 / p;
  return u * (0.5 - u * (0.375 - u * (0.375 - u * (63 / 128))));
}

/** ln Q at the widest point p of the isotherm: p(1−χ) − ln(e^p K0(p)), χ = K0/K1. */
export function lnHeatAtWidest(p: number): number {
  return p * gap(p) - Math.log(scaledK0(p));
}

/** Y = p·√(1−χ²) at the widest point p. */
export function widthAtWidest(p: number): number {
  const g = gap(p);
  return p * Math.sqrt(g * (2 - g));
}

const LOW = Math.log(0.02);
const HIGH = Math.log(3e4);
const POINTS = 480;
const STEP = (HIGH - LOW) / (POINTS - 1);

const LN_Y = (() => {
  const y = new Float64Array(POINTS);
  let lnP = -48;
  for (let i = 0; i < POINTS; i++) {
    const lnQ = LOW + i * STEP;
    lnP = rootIncreasing((x) => lnHeatAtWidest(Math.exp(x)) - lnQ, -60, 30, lnP, 1e-11).x;
    y[i] = Math.log(widthAtWidest(Math.exp(lnP)));
  }
  return evenSpline(LOW, STEP, y);
})();

/**
 * Dimensionless half-width Y of the kerf that a moving line heat source melts, from the dimensionless heat
 * Q = q/(2π·k·ΔT); the kerf is w = 4aY/v. Q ≥ 0; 0 gives 0.
 * Exact relation from Rosenthal's moving line source (1946; Carslaw & Jaeger §10.7) at the isotherm's widest point,
 * tabled once as a spline of ln Y on ln Q (within 1e-6); below Q = 0.02 and above 3e4 its limits.
 */
export function slotHalfWidth(q: number): number {
  if (!(q > 0)) return 0;
  if (q < 0.02) return 2 * Math.exp(-EULER_GAMMA - 1 / q);
  if (q > 3e4) return (MELTING_EFFICIENCY * Math.PI * q) / 2;
  return Math.exp(splineAt(LN_Y, Math.log(q)));
}

/** The dimensionless heat Q whose kerf has half-width Y > 0; inverse of {@link slotHalfWidth}. */
export function heatForHalfWidth(y: number): number {
  const most = (2 * y) / (MELTING_EFFICIENCY * Math.PI);
  if (most > 3e4) return most;
  const small = slotHalfWidth(0.02);
  if (y < small) return 1 / (Math.log(2 / y) - EULER_GAMMA);
  const lnY = Math.log(y);
  return Math.exp(rootIncreasing((x) => splineAt(LN_Y, x) - lnY, LOW, HIGH, Math.log(most + 0.2), 1e-12).x);
}
