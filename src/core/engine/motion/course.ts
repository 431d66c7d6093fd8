import { axesOf, type Machine } from '../../documents/machine';
import type { What } from '../../documents/motion';
import { toTowers } from '../../physics/motion/scale';
import { airWay } from './air';
import type { Ends } from './ends';
import { boxTurned, play, type Block, type Played } from './play';
import { type Move, type Program } from './program';
import { homeOf } from './home';
import { asCoded } from './write';

/** Steps nearer to the one before than this are left out: shorter ways than a motor's step have no direction, mm. Ours. */
export const NEAREST_MM = 0.01;

/** A path as it is put together: moves on the machine's axes as its code will round them, and what each of them is. */
export class Course {
  readonly moves: Omit<Move, 'line'>[] = [];
  readonly what: What[] = [];
  /** Loop or line that each move runs along; −1 for the others. */
  readonly loopOf: number[] = [];
  /** Which pass each move is of. */
  readonly passOf: number[] = [];
  /** Where each move ends, before rounding. */
  readonly points: Ends[] = [];
  /** Comments, each before the move of its number. */
  readonly notes = new Map<number, string>();
  private readonly start: number[];
  private here: Ends;
  private turnDeg = 0;
  private heat = 0;
  private pass = 0;

  constructor(
    private readonly m: Machine,
    private readonly block: Block,
    private readonly marginMm: number,
  ) {
    this.start = homeOf(m);
    const [x, y] = [this.start[0]!, this.start[1]!];
    this.here = { left: [x, y], right: m.right ? [this.start[2]!, this.start[3]!] : [x, y] };
  }

  /** Coordinates of all axes for a place of the wire on both faces, rounded as the code has them. */
  private row(to: Ends): number[] {
    const { m } = this;
    const ends = m.right
      ? toTowers(to, { apart: m.towersMm, left: m.leftToBlockMm, block: this.block[1] })
      : { left: to.left, right: null };
    const all = [...ends.left, ...(ends.right ?? []), ...(m.turn ? [this.turnDeg] : [])];
    return axesOf(m).map((letter, k) => asCoded(m, letter, all[k]!));
  }
  private put(move: Pick<Move, 'kind' | 'askedS'>, to: Ends, is: What, loop = -1): void {
    this.moves.push({ ...move, heat: this.heat, at: this.row(to) });
    this.what.push(is);
    this.loopOf.push(loop);
    this.passOf.push(this.pass);
    this.points.push(to);
    this.here = to;
  }

  note(text: string): void {
    this.notes.set(this.moves.length, text);
  }
  nextPass(pass: number): void {
    this.pass = pass;
  }
  /** Rapid moves round the block, however it is turned. */
  air(to: Ends): void {
    const box = boxTurned(this.m, this.block, 0, this.m.turn ? 360 : 0);
    for (const p of airWay(this.here, to, box, this.marginMm)) this.put({ kind: 'rapid', askedS: 0 }, p, 'air');
  }
  /** Straight up where the wire stands. */
  rise(up: number): void {
    const { left, right } = this.here;
    this.put({ kind: 'rapid', askedS: 0 }, { left: [left[0], up], right: [right[0], up] }, 'air');
  }
  /** The same as a move that was made before, to where it ended. */
  repeat(move: Omit<Move, 'line'>, to: Ends, is: What): void {
    this.heat = move.heat;
    if (this.m.turn) this.turnDeg = move.at.at(-1)!;
    this.put({ kind: move.kind, askedS: move.askedS }, to, is);
  }
  /** Heat on where the wire stands, and a wait until it is warm. */
  warm(seconds: number): void {
    this.heat = 1;
    this.put({ kind: 'heat', askedS: 0 }, this.here, 'heat');
    this.put({ kind: 'wait', askedS: Math.max(1, Math.ceil(seconds)) }, this.here, 'heat');
  }
  cold(): void {
    this.heat = 0;
    this.put({ kind: 'heat', askedS: 0 }, this.here, 'heat');
  }
  cut(to: Ends, askedS: number, is: 'slit' | 'loop' = 'loop', loop = -1): void {
    this.put({ kind: 'feed', askedS }, to, is, loop);
  }
  wait(seconds: number): void {
    if (seconds > 0) this.put({ kind: 'wait', askedS: seconds }, this.here, 'wait');
  }
  /** The block turned to an angle: by its axis, or by hand at a pause. */
  turn(deg: number): void {
    this.turnDeg = deg;
    if (this.m.turn) this.put({ kind: 'rapid', askedS: 0 }, this.here, 'turn');
    else {
      this.note(`turn the block to ${deg} deg by hand, then go on`);
      this.put({ kind: 'pause', askedS: 0 }, this.here, 'turn');
    }
  }

  /** What the machine makes of it. */
  played(): { readonly program: Program; readonly played: Played } {
    const moves = this.moves.map((x, i) => ({ ...x, line: i + 1 }));
    const program: Program = { start: this.start, moves, faults: [] };
    return { program, played: play(program, this.m, this.block) };
  }
}
