import type { Played } from './play';

/** Cold moves that go back, move by move, the way that the hot wire has just cut: it lies in its own open slot. */
export function backsOut(p: Played): Uint8Array {
  const { moves } = p.program;
  const same = (a: number, b: number) =>
    [0, 1, 2, 3].every((k) => Math.abs(p.faces[a * 4 + k]! - p.faces[b * 4 + k]!) < 1e-3);
  const out = new Uint8Array(moves.length);
  // Rows of the way that was cut hot and is not yet gone back, the last on top.
  let cut: number[] = [];
  moves.forEach((move, i) => {
    if (move.kind !== 'feed' && move.kind !== 'rapid') return;
    if (move.heat > 0) {
      if (cut.length > 0 && same(cut.at(-1)!, i)) cut.push(i + 1);
      else cut = [i, i + 1];
      if (cut.length > 2 * MOST_BACK) cut = cut.slice(-MOST_BACK);
      return;
    }
    if (cut.length > 1 && same(cut.at(-1)!, i) && same(cut.at(-2)!, i + 1)) {
      out[i] = 1;
      cut.pop();
    } else cut = [];
  });
  return out;
}
/** So many moves of a cut are kept to be gone back. Ours. */
const MOST_BACK = 64;
