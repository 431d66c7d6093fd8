import { axesOf, type Machine } from '../../documents/machine';
import type { MotionCode, MotionFindingFigures } from '../../documents/motion';
import type { AtFeed } from '../template/heat';
import { wayOn, type Cutting } from './cutting';
import { shareInBox } from '../../numeric/box';
import type { Block, Played } from './play';
import { zeroOf, type CodeFault } from './program';

type Level = MotionFindingFigures['level'];
type Values = MotionFindingFigures['values'];

/** Findings gathered line by line: one for each code and key, with its worst values, its first line, and on how many lines. */
export class Found {
  private readonly all = new Map<string, MotionFindingFigures & { readonly worst: number }>();
  add(code: MotionCode, level: Level, line: number | null, values: Values = {}, worst = 0, key = ''): void {
    const id = code + key;
    const was = this.all.get(id);
    if (!was) this.all.set(id, { code, level, line, count: 1, values, worst });
    else {
      const more = worst > was.worst;
      this.all.set(id, {
        ...was,
        count: was.count + 1,
        values: more ? values : was.values,
        worst: Math.max(worst, was.worst),
      });
    }
  }
  list(): MotionFindingFigures[] {
    const rank: Record<Level, number> = { stop: 0, fix: 1, note: 2 };
    return [...this.all.values()]
      .map(({ worst: _, ...f }) => f)
      .sort((a, b) => rank[a.level] - rank[b.level] || (a.line ?? 0) - (b.line ?? 0));
  }
}

/** Faults of lines as findings: they stop the program, or are only told where they were left out on purpose. */
export function ofFaults(found: Found, faults: readonly CodeFault[], unknown: 'refuse' | 'ignore'): void {
  for (const f of faults) {
    const level = unknown === 'ignore' && f.code === 'unknown-word' ? 'note' : 'stop';
    found.add(f.code, level, f.line, { word: f.word });
  }
}

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

/** Cold moves that go back, move by move, the way that the hot wire has just cut: it lies in its own open slot. */
function backsOut(p: Played): Uint8Array {
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

/** Beyond the block's ends what holds it reaches so far along the feed, mm. Ours. */
const SPINDLE_LONG_MM = 50;

/** The wire within what holds a turned block at its ends. */
function hitsSpindle(found: Found, p: Played, i: number, block: Block, radius: number): void {
  const axis = block[2] / 2;
  const held = (x0: number, x1: number) => ({ x0, x1, y0: axis - radius + 1e-6, y1: axis + radius - 1e-6 });
  const at = (row: number) => [p.faces[row * 4]!, p.faces[row * 4 + 1]!] as const;
  const hits = (x0: number, x1: number) => shareInBox(at(i), at(i + 1), held(x0, x1)) !== null;
  if (hits(-SPINDLE_LONG_MM, 0) || hits(block[0], block[0] + SPINDLE_LONG_MM))
    found.add('wire-through-spindle', 'stop', p.program.moves[i]!.line, { radius });
}

/** Whether both faces move the same way on a move: their ways' scalar product. */
function along(p: Played, i: number): number {
  const d = (k: number) => p.faces[(i + 1) * 4 + k]! - p.faces[i * 4 + k]!;
  return d(0) * d(2) + d(1) * d(3);
}

/** A program whose size is that of the block only after inches are taken for millimetres, or the other way about. */
function sizes(found: Found, p: Played, block: Block, cut: boolean): void {
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
