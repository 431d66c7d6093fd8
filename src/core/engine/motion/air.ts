import type { Pt } from '../../numeric/polyline';

/** Rapid ways round the block from one place in the air to another: straight where that is clear, else up, over and down. */
export function airWay(
  from: Pt,
  to: Pt,
  [wide, , high]: readonly [number, number, number],
  margin: number,
): Pt[] {
  const free = (a: Pt, b: Pt) => !meets(a, b, -margin / 2, -margin / 2, wide + margin / 2, high + margin / 2);
  if (free(from, to)) return [to];
  const top = Math.max(high + margin, from[1], to[1]);
  const over: Pt[] = [
    [from[0], top],
    [to[0], top],
  ];
  return [...over.filter((p) => Math.hypot(p[0] - to[0], p[1] - to[1]) > 1e-9), to];
}

function meets([x0, y0]: Pt, [x1, y1]: Pt, ax: number, ay: number, bx: number, by: number): boolean {
  let [from, to] = [0, 1];
  for (const [p, q] of [
    [x0 - x1, x0 - ax],
    [x1 - x0, bx - x0],
    [y0 - y1, y0 - ay],
    [y1 - y0, by - y0],
  ] as const) {
    if (Math.abs(p) < 1e-15) {
      if (q < 0) return false;
    } else if (p < 0) from = Math.max(from, q / p);
    else to = Math.min(to, q / p);
  }
  return from <= to;
}
