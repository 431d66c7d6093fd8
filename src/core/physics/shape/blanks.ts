/** Pieces of a width that a board of a width gives, a kerf of w between them: floor((W + w)/(c + w)). */
export function piecesAcross(board: number, piece: number, slot: number): number {
  return Math.max(0, Math.floor((board + slot) / (piece + slot) + 1e-9));
}

/** Width that two tapered blanks head to tail take: root and tip side by side, two kerfs and a margin. */
export function headToTail(root: number, tip: number, slot: number, margin: number): number {
  return root + tip + 2 * slot + margin;
}

/**
 * Tapered blanks that a board gives: pairs head to tail, a last one alone where it fits. Alone a blank takes its root and its margin.
 */
export function taperedAcross(board: number, root: number, tip: number, slot: number, margin: number) {
  const pair = headToTail(root, tip, slot, margin);
  const pairs = piecesAcross(board, pair, slot);
  const left = board - pairs * (pair + slot);
  const odd = left >= root + margin - 1e-9 ? 1 : 0;
  return { pairs, odd, pieces: 2 * pairs + odd, used: pairs * (pair + slot) + odd * (root + margin) };
}
