/** A natural cubic spline over evenly spaced points, read in constant time. */
export interface EvenSpline {
  readonly start: number;
  readonly step: number;
  readonly y: Float64Array;
  readonly m: Float64Array;
}

/** Natural cubic spline (second derivative zero at both ends) through y at start, start+step, … */
export function evenSpline(start: number, step: number, y: Float64Array): EvenSpline {
  const n = y.length;
  const m = new Float64Array(n);
  const c = new Float64Array(n);
  const d = new Float64Array(n);
  for (let i = 1; i < n - 1; i++) {
    const right = (6 * (y[i + 1]! - 2 * y[i]! + y[i - 1]!)) / (step * step);
    const pivot = 4 - c[i - 1]!;
    c[i] = 1 / pivot;
    d[i] = (right - d[i - 1]!) / pivot;
  }
  for (let i = n - 2; i > 0; i--) m[i] = d[i]! - c[i]! * m[i + 1]!;
  return { start, step, y, m };
}

/** Value of the spline at x; beyond its ends the end cubic goes on, so callers keep to the range. */
export function splineAt(s: EvenSpline, x: number): number {
  const at = (x - s.start) / s.step;
  const i = Math.max(0, Math.min(s.y.length - 2, Math.floor(at)));
  const b = at - i;
  const a = 1 - b;
  const h = (s.step * s.step) / 6;
  return a * s.y[i]! + b * s.y[i + 1]! + ((a * a * a - a) * s.m[i]! + (b * b * b - b) * s.m[i + 1]!) * h;
}
