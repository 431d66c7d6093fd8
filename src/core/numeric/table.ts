/** A curve given by points: abscissas rising, ordinates beside them. */
export interface Curve {
  readonly x: Float64Array;
  readonly y: Float64Array;
}

/** Builds a curve from pairs, `[[x, y], …]`, x rising; throws where it does not rise (a slip in a table). */
export function curve(pairs: readonly (readonly [number, number])[]): Curve {
  const x = Float64Array.from(pairs, (p) => p[0]);
  const y = Float64Array.from(pairs, (p) => p[1]);
  for (let i = 1; i < x.length; i++) {
    if (!(x[i]! > x[i - 1]!)) throw new Error(`table not rising at ${x[i]}`);
  }
  return Object.freeze({ x, y });
}

/** Linear between the points of a curve, flat beyond its ends. */
export function interpolateLinear(c: Curve, at: number): number {
  const { x, y } = c;
  const last = x.length - 1;
  if (!(at > x[0]!)) return y[0]!;
  if (at >= x[last]!) return y[last]!;
  let i = 1;
  while (x[i]! < at) i++;
  const x0 = x[i - 1]!;
  const y0 = y[i - 1]!;
  return y0 + ((y[i]! - y0) * (at - x0)) / (x[i]! - x0);
}
