const rad = (deg: number) => (deg * Math.PI) / 180;

/** A piece on a stock board: which board, and from its stop to where the wire's axis cuts it off, mm. */
export interface Placed {
  readonly length: number;
  readonly board: number;
  readonly stop: number;
}

/**
 * Lengths parted from stock boards, longest first, each on the first board with room (first-fit decreasing, Johnson 1973). A kerf of
 * `slot` is lost after each piece; the last may end with the board. Every length must fit a board. mm.
 */
export function firstFit(lengths: readonly number[], board: number, slot: number): Placed[] {
  const used: number[] = [];
  return [...lengths]
    .sort((a, b) => b - a)
    .map((length) => {
      let at = used.findIndex((u) => u + length <= board + 1e-9);
      if (at < 0) at = used.push(0) - 1;
      const end = used[at]! + length;
      used[at] = end + slot;
      return { length, board: at, stop: end + slot / 2 };
    });
}

/**
 * How far a row of pieces opens when every cut is ε out of square, mm: t·tan ε at each joint, which adds up; every second piece
 * turned over, neighbours cancel and at most one joint is left. `joints` ≥ 0, t in mm, ε in degrees.
 */
export function rowOpens(joints: number, thick: number, errorDeg: number, turned: boolean): number {
  const one = thick * Math.tan(rad(errorDeg));
  return turned ? (joints % 2) * one : joints * one;
}

/** Gap that closes a ring of n segments whose faces are ε out: 2n·R·tan ε, R its radius, mm. Geometry. */
export const ringGap = (n: number, radius: number, errorDeg: number): number =>
  2 * n * radius * Math.tan(rad(errorDeg));

/** Force in N with which a hanging weight leans on guides tipped φ from upright: W·sin φ. */
export const leanForce = (weight: number, tipDeg: number): number => weight * Math.sin(rad(tipDeg));
