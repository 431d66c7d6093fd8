import type { Machine } from '../../documents/machine';
import { shareInBox } from '../../numeric/box';
import type { AtFeed } from '../template/heat';
import { again } from './again';
import { Course } from './course';
import type { Cutting } from './cutting';
import { wayOn } from './cutting';
import type { Ends } from './ends';
import { boxTurned, type Block, type Played } from './play';
import { writeCode, type Written } from './write';

/** Where a cut that broke off is entered again. mm, s. */
export interface Reentry {
  readonly code: string;
  /** Way gone once more through kerfs that are open, and how wide the widest of them becomes. */
  readonly backMm: number;
  readonly widensTo: number;
  /** What is left to cut after it. */
  readonly leftMm: number;
  readonly leftS: number;
}

/** A cut that broke off: its program as it was played on its machine, and the wire that made it. */
export interface BrokenOff {
  readonly played: Played;
  readonly cutting: Cutting;
  readonly m: Machine;
  readonly block: Block;
  readonly h: AtFeed;
  readonly warmUpS: number;
  readonly marginMm: number;
}

/** Open kerfs are gone through again at this share of the max feed: fast melts least. Ours. */
const BACK_SHARE = 0.9;

/**
 * Code that enters a cut again which broke off after a row: from where the wire was last outside the foam, through kerfs that are open and without the loops
 * that are closed, to the row; then all that is left. Null where nothing is left, or the cut never began.
 */
export function reenter(cut: BrokenOff, row: number): Reentry | null {
  const { played: p, cutting, m, block, h } = cut;
  const { moves } = p.program;
  const left = moves.slice(row).reduce((sum, _, k) => sum + (p.inFoam[row + k] ? wayOn(p, row + k, 0) : 0), 0);
  const began = p.inFoam.indexOf(1);
  if (left === 0 || began < 0 || began >= row) return null;
  const endsAt = (r: number): Ends => {
    const f = (k: number) => p.faces[r * 4 + k]!;
    return { left: [f(0), f(1)], right: [f(2), f(3)] };
  };
  const first = lastOutside(p, row);
  const back = withoutLoops(p, first, row);
  const course = new Course(m, block, cut.marginMm);
  const top = boxTurned(m, block, 0, m.turn ? 360 : 0).y1 + cut.marginMm;
  course.rise(top);
  if (m.turn) {
    const deg = first === 0 ? p.program.start.at(-1)! : moves[first - 1]!.at.at(-1)!;
    course.turn(deg);
  }
  course.note('in again');
  course.air(endsAt(first));
  course.warm(cut.warmUpS);
  const feed = BACK_SHARE * h.fastest;
  let backMm = 0;
  let widensTo = 0;
  if (back.length > 1) course.note('through kerfs that are open');
  for (let k = 1; k < back.length; k++) {
    const [a, b] = [endsAt(back[k - 1]!), endsAt(back[k]!)];
    const way = Math.max(
      Math.hypot(b.left[0] - a.left[0], b.left[1] - a.left[1]),
      Math.hypot(b.right[0] - a.right[0], b.right[1] - a.right[1]),
    );
    if (way < 1e-6) continue;
    course.cut(b, way / feed, 'slit');
    backMm += way;
    const was = cutting.leftKerf[back[k]! - 1]!;
    if (Number.isFinite(was)) widensTo = Math.max(widensTo, again(h, was, feed));
  }
  course.note('what is left');
  for (let i = row; i < moves.length; i++) course.repeat(moves[i]!, endsAt(i + 1), 'loop');
  const { program, played } = course.played();
  const written: Written[] = [{ comment: `left ${Math.round(left)} mm, in again where it broke off` }];
  program.moves.forEach(({ line: _, ...move }, i) => {
    const note = course.notes.get(i);
    if (note !== undefined) written.push({ comment: note });
    written.push(move);
  });
  return {
    code: writeCode(m, program.start, written).code,
    backMm,
    widensTo,
    leftMm: left,
    leftS: played.total - played.reached[program.moves.length - (moves.length - row)]!,
  };
}

/** The last row up to one at which both faces are clear of the foam; the start counts as one. */
function lastOutside(p: Played, row: number): number {
  for (let r = row; r > 0; r--) {
    const outside = [0, 2].every((k) => {
      const at = [p.faces[r * 4 + k]!, p.faces[r * 4 + k + 1]!] as const;
      return shareInBox(at, at, p.boxes(r - 1)) === null;
    });
    if (outside) return r;
  }
  return 0;
}

/** Rows from one to another along the way that was gone, each place once: loops that close on themselves are left out. */
function withoutLoops(p: Played, from: number, to: number): number[] {
  const key = (r: number) => [0, 1, 2, 3].map((k) => Math.round(p.faces[r * 4 + k]! * 1e3)).join();
  const at = new Map<string, number>();
  const rows: number[] = [];
  for (let r = from; r <= to; r++) {
    const was = at.get(key(r));
    if (was !== undefined) for (const gone of rows.splice(was + 1)) at.delete(key(gone));
    else {
      at.set(key(r), rows.length);
      rows.push(r);
    }
  }
  return rows;
}
