/**
 * One step of length h of dy/dt = f(t, y) by the classical fourth-order Runge–Kutta rule; y (any number of unknowns) is
 * changed in place, `work` gives five buffers of its length. Error of order h⁵ a step. Source: Press et al., section 17.1.
 */
export function rungeKutta(
  f: (t: number, y: Float64Array, dy: Float64Array) => void,
  t: number,
  y: Float64Array,
  h: number,
  work: readonly [Float64Array, Float64Array, Float64Array, Float64Array, Float64Array],
): void {
  const [k1, k2, k3, k4, mid] = work;
  const n = y.length;
  f(t, y, k1);
  for (let i = 0; i < n; i++) mid[i] = y[i]! + 0.5 * h * k1[i]!;
  f(t + 0.5 * h, mid, k2);
  for (let i = 0; i < n; i++) mid[i] = y[i]! + 0.5 * h * k2[i]!;
  f(t + 0.5 * h, mid, k3);
  for (let i = 0; i < n; i++) mid[i] = y[i]! + h * k3[i]!;
  f(t + h, mid, k4);
  for (let i = 0; i < n; i++) y[i] = y[i]! + (h / 6) * (k1[i]! + 2 * k2[i]! + 2 * k3[i]! + k4[i]!);
}

/** Buffers for {@link rungeKutta} with n unknowns. */
export function stepBuffers(n: number): [Float64Array, Float64Array, Float64Array, Float64Array, Float64Array] {
  return [0, 1, 2, 3, 4].map(() => new Float64Array(n)) as ReturnType<typeof stepBuffers>;
}
