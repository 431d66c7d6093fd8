import { shareInBox } from '../../numeric/box';
import type { Block, Played } from './play';
import type { Found } from './judged';

/** Beyond the block's ends what holds it reaches so far along the feed, mm. Ours. */
const SPINDLE_LONG_MM = 50;

/** The wire within what holds a turned block at its ends. */
export function hitsSpindle(found: Found, p: Played, i: number, block: Block, radius: number): void {
  const axis = block[2] / 2;
  const held = (x0: number, x1: number) => ({ x0, x1, y0: axis - radius + 1e-6, y1: axis + radius - 1e-6 });
  const at = (row: number) => [p.faces[row * 4]!, p.faces[row * 4 + 1]!] as const;
  const hits = (x0: number, x1: number) => shareInBox(at(i), at(i + 1), held(x0, x1)) !== null;
  if (hits(-SPINDLE_LONG_MM, 0) || hits(block[0], block[0] + SPINDLE_LONG_MM))
    found.add('wire-through-spindle', 'stop', p.program.moves[i]!.line, { radius });
}

/** A program whose size is that of the block only after inches are taken for millimetres, or the other way about. */
export function sizes(found: Found, p: Played, block: Block, cut: boolean): void {
  let [x, y] = [0, 0];
  p.program.moves.forEach((move, i) => {
    if (move.kind !== 'feed') return;
    x = Math.max(x, Math.abs(p.faces[(i + 1) * 4]!));
    y = Math.max(y, Math.abs(p.faces[(i + 1) * 4 + 1]!));
  });
  const size = Math.max(x / block[0], y / block[2]);
  if (size > 0 && size < 0.06)
    found.add('inches-for-mm', 'fix', null, { size: Math.max(x, y), block: Math.max(block[0], block[2]) });
  else if (size > 10)
    found.add('mm-for-inches', 'fix', null, { size: Math.max(x, y), block: Math.max(block[0], block[2]) });
  if (!cut) found.add('cuts-nothing', 'fix', null);
}
