/** An integral over 0 to 1, and how it divides between the two ends: each point's share leans to the end it is nearer, linearly. */
export interface Shared {
  readonly start: number;
  readonly end: number;
}

/** ∫f(s)(1 − s)ds and ∫f(s)s ds over 0 to 1, by Simpson's rule in an even number of strips; their sum is ∫f ds. */
export function sharedIntegral(f: (s: number) => number, strips: number): Shared {
  let [start, end] = [0, 0];
  for (let i = 0; i <= strips; i++) {
    const weight = (i === 0 || i === strips ? 1 : i % 2 === 1 ? 4 : 2) / (3 * strips);
    const s = i / strips;
    const here = weight * f(s);
    start += here * (1 - s);
    end += here * s;
  }
  return { start, end };
}
