/**
 * Heated length in m of a U-shaped loop of width c and depth h with a half-round foot: 2h + c(π/2 − 1), for h ≥ c/2.
 * Geometry: two legs of h − c/2 and half a circle of c.
 */
export function shapedLoop(width: number, depth: number): number {
  return 2 * depth + width * (Math.PI / 2 - 1);
}
