import { axesOf, type Machine } from '../../documents/machine';
import type { AtFeed } from '../template/heat';
import { wayOn, type Cutting } from './cutting';
import { shareInBox } from '../../numeric/box';
import type { Block, Played } from './play';
import { zeroOf } from './home';
import type { Found } from './judged';
import { backsOut } from './backsOut';
import { hitsSpindle, sizes } from './judgedSizes';

/** Travel, speed and feeds may be passed by this share before it is told: rounding of the code. */
const SLACK = 0.002;
/** Slower than the min clean feed over less than this is a corner, mm. Ours. */
const SHORT_MM = 3;
/** A wait that melts more than this beyond the kerf on a side is told, mm. Ours. */
const MELT_MM = 0.5;
/** Ends that move against one another by more than this on a move are told, mm; an end that stands for longer than this, s. Ours. */
const AGAINST_MM = 0.05;
const STANDS_S = 1;

/** What is wrong with a program as the machine would do it. */
export function judge(
  found: Found,
  p: Played,
  c: Cutting | null,
  h: AtFeed | null,
  m: Machine,
  block: Block,
  spindleMm: number | null = null,
): void {
  const { moves, start } = p.program;
  const axes = axesOf(m).map((letter) => ({ letter, axis: m.axes[letter]!, zero: zeroOf(m, letter) }));
  const inside = (row: number) =>
    [0, 2].some((k) => {
      const at = [p.faces[row * 4 + k]!, p.faces[row * 4 + k + 1]!] as const;
      return shareInBox(at, at, p.boxes(Math.min(row, moves.length - 1))) !== null;
    });
  let cut = false;
  let slowRun = 0;
  const backs = backsOut(p);
  moves.forEach((move, i) => {
    const before = i === 0 ? start : moves[i - 1]!.at;
    const { line } = move;
    for (let k = 0; k < axes.length; k++) {
      const { letter, axis, zero } = axes[k]!;
      const at = move.at[k]! + zero;
      const over = Math.max(axis.minMm - at, at - axis.maxMm);
      if (over > 1e-6)
        found.add(
          'out-of-travel',
          'stop',
          line,
          { axis: letter, at, least: axis.minMm, most: axis.maxMm },
          over,
          letter,
        );
      if (move.kind !== 'feed' || !(move.askedS > 0)) continue;
      const speed = Math.abs(move.at[k]! - before[k]!) / move.askedS;
      if (speed > axis.maxMmS * (1 + SLACK))
        found.add(
          'over-axis-speed',
          'fix',
          line,
          { axis: letter, asked: speed, most: axis.maxMmS },
          speed,
          letter,
        );
    }
    const low = m.right ? Math.min(move.at[1]!, move.at[3]!) : move.at[1]!;
    if (low < m.bedMm - 1e-6)
      found.add('wire-through-bed', 'stop', line, { at: low, bed: m.bedMm }, m.bedMm - low);
    if (spindleMm !== null) hitsSpindle(found, p, i, block, spindleMm);
    if (p.inFoam[i] === 0) return;
    if (!cut && inside(i)) found.add('starts-in-block', 'stop', line);
    cut = true;
    if (move.kind === 'rapid') found.add('rapid-in-foam', 'stop', line);
    if (move.kind === 'pause') found.add('pause-in-foam', 'stop', line);
    if ((move.kind === 'feed' || move.kind === 'rapid') && !(move.heat > 0) && !backs[i])
      found.add('heat-off-in-foam', 'stop', line);
    if (move.kind === 'wait' && h && move.heat > 0) {
      const melts = (h.standing(move.askedS) - h.slot(h.advised)) / 2;
      if (melts > MELT_MM)
        found.add('stands-in-foam', 'fix', line, { seconds: move.askedS, melts }, move.askedS);
    }
    if (move.kind !== 'feed') return;
    const [l, r] = [wayOn(p, i, 0), wayOn(p, i, 2)];
    if (Math.max(l, r) > AGAINST_MM && Math.min(l, r) < 0.01 * Math.max(l, r) && p.takes[i]! > STANDS_S)
      found.add(
        'ends-out-of-step',
        'fix',
        line,
        { end: l < r ? 'left' : 'right', seconds: p.takes[i]! },
        p.takes[i]!,
      );
    if (Math.min(l, r) > AGAINST_MM && along(p, i) < 0) found.add('ends-cross', 'fix', line);
    if (!c || !h) return;
    let slow = false;
    for (const [face, feed] of [
      ['left', c.leftFeed[i]!],
      ['right', c.rightFeed[i]!],
    ] as const) {
      if (!Number.isFinite(feed)) continue;
      const values = { face, feed, slowest: h.slowest, fastest: h.fastest };
      if (feed > h.fastest * (1 + SLACK)) found.add('feed-too-fast', 'fix', line, values, feed, face);
      if (feed < h.slowest * (1 - SLACK)) {
        slow = true;
        const run = slowRun + Math.max(l, r);
        found.add(
          'feed-too-slow',
          run > SHORT_MM ? 'fix' : 'note',
          line,
          values,
          1 / feed,
          face + (run > SHORT_MM),
        );
      }
    }
    slowRun = slow ? slowRun + Math.max(l, r) : 0;
  });
  const last = moves.length;
  if (last > 0 && inside(last)) found.add('ends-in-foam', 'stop', moves[last - 1]!.line);
  if (m.code.heat === 'M3' && last > 0 && moves[last - 1]!.heat > 0)
    found.add('heat-left-on', 'stop', moves[last - 1]!.line);
  sizes(found, p, block, cut);
}

/** Whether both faces move the same way on a move: their ways' scalar product. */
function along(p: Played, i: number): number {
  const d = (k: number) => p.faces[(i + 1) * 4 + k]! - p.faces[i * 4 + k]!;
  return d(0) * d(2) + d(1) * d(3);
}
