import { axesOf, type Machine } from '../../documents/machine';
import { shareInBox, type Box } from '../../numeric/box';
import { toFaces, wireBetween } from '../../physics/motion/scale';
import { timeTaken } from '../../physics/motion/timing';
import { ACROSS } from './ends';
import { slantBy } from '../template/slant';
import type { Program } from './program';

/** What stands before the towers: [along the feed, along the wire, height] of the block, mm; its front lower edge is the work zero. */
export type Block = readonly [number, number, number];

/** A program as the machine does it: one row a move, the state after it. Lengths mm, seconds. */
export interface Played {
  readonly program: Program;
  /** Face points before and after each move: left x, y, right x, y; a row more than there are moves. */
  readonly faces: Float64Array;
  readonly takes: Float64Array;
  /** Seconds after the start at which each row is reached. */
  readonly reached: Float64Array;
  /** Whether any of the wire between the faces is in the block's box on the way there. */
  readonly inFoam: Uint8Array;
  /** The block's box while each move lasts: higher where it is turned. */
  readonly boxes: (move: number) => Box;
  readonly total: number;
  /** Shortest and longest wire between the towers while it is in the foam, mm. */
  readonly wireMm: readonly [number, number];
}

/** A rapid or a way without an asked time goes as fast as the axes allow. */
const AT_ONCE_S = 1e-6;
/** Left and right ends, x and y each, of a row of coordinates; coupled ends move alike. */
export function endsOf(m: Machine, at: readonly number[]): { left: [number, number]; right: [number, number] } {
  const left: [number, number] = [at[0]!, at[1]!];
  return { left, right: m.right ? [at[2]!, at[3]!] : left };
}

/** Coordinates that bring the wire to a point of each face: the other way about than {@link facesAt}. */
export function facesAt(m: Machine, block: Block, at: readonly number[]) {
  const { left, right } = endsOf(m, at);
  return toFaces({ left, right }, { apart: m.towersMm, left: m.leftToBlockMm, block: block[1] });
}

/** Times a program through the machine's speeds, accelerations and corners, and follows the wire on both faces of the block. */
export function play(program: Program, m: Machine, block: Block): Played {
  const { moves } = program;
  const letters = axesOf(m);
  const dim = letters.length;
  const n = moves.length;
  const at = new Float64Array((n + 1) * dim);
  const asked = new Float64Array(n);
  const rest = new Uint8Array(n + 1);
  at.set(program.start);
  moves.forEach((move, i) => {
    at.set(move.at, (i + 1) * dim);
    asked[i] = move.askedS > 0 ? move.askedS : AT_ONCE_S;
    if (move.kind !== 'feed' && move.kind !== 'rapid') rest[i] = rest[i + 1] = 1;
  });
  const { seconds } = timeTaken({
    axes: letters.map((l) => ({ speed: m.axes[l]!.maxMmS, accel: m.axes[l]!.accelMmS2 })),
    at,
    asked,
    rests: (i) => rest[i] === 1,
    delta: m.deltaMm,
  });
  const faces = new Float64Array((n + 1) * 4);
  const takes = new Float64Array(n);
  const reached = new Float64Array(n + 1);
  const inFoam = new Uint8Array(n);
  const wire: [number, number] = [Infinity, -Infinity];
  const put = (i: number, row: readonly number[]) => {
    const f = facesAt(m, block, row);
    faces.set([...f.left, ...f.right], i * 4);
  };
  const boxes = boxesOf(m, block, program);
  put(0, program.start);
  moves.forEach((move, i) => {
    put(i + 1, move.at);
    takes[i] = move.kind === 'wait' ? move.askedS : seconds[i]!;
    reached[i + 1] = reached[i]! + takes[i]!;
    inFoam[i] = crosses(faces, i, boxes(i)) ? 1 : 0;
    if (inFoam[i] === 0) return;
    const { left, right } = endsOf(m, move.at);
    const long = wireBetween(m.towersMm, Math.hypot(right[0] - left[0], right[1] - left[1]));
    wire[0] = Math.min(wire[0], long);
    wire[1] = Math.max(wire[1], long);
  });
  return {
    program,
    faces,
    takes,
    reached,
    inFoam,
    boxes,
    total: reached[n]!,
    wireMm: wire[1] > 0 ? wire : [m.towersMm, m.towersMm],
  };
}

/** What only touches the block's faces is not in it, mm. */
const SLACK = 1e-6;

/** The block seen along the wire while it is turned from one angle to another about its middle line along the feed, degrees: as wide as ever, and as high as its section becomes. */
export function boxTurned(m: Pick<Machine, 'turn'>, [long, wide, high]: Block, from: number, to: number): Box {
  const half = m.turn ? halfOver(wide, high, from, to) : high / 2;
  return { x0: 0, y0: high / 2 - half, x1: long, y1: high / 2 + half };
}

/** Greatest half height of a rectangle while it is turned: (W|sin θ| + H|cos θ|)/2, greatest of all with a diagonal upright. */
function halfOver(wide: number, high: number, from: number, to: number): number {
  const at = (deg: number) => {
    const a = (deg * Math.PI) / 180;
    return (wide * Math.abs(Math.sin(a)) + high * Math.abs(Math.cos(a))) / 2;
  };
  let most = Math.max(at(from), at(to));
  const upright = (Math.atan2(wide, high) * 180) / Math.PI;
  const [lo, hi] = [Math.min(from, to), Math.max(from, to)];
  for (const a of [upright, -upright]) {
    const next = a + 180 * Math.ceil((lo - a) / 180);
    if (next <= hi) most = Math.max(most, at(next));
  }
  return most;
}

const inner = (b: Box): Box => ({ x0: b.x0 + SLACK, y0: b.y0 + SLACK, x1: b.x1 - SLACK, y1: b.y1 - SLACK });

/** The box that each move may meet: one for all where the block stands, else by the angles it is turned between. */
export function boxesOf(m: Machine, block: Block, program: Program): (move: number) => Box {
  const still = inner(boxTurned(m, block, 0, 0));
  if (!m.turn) return () => still;
  const at = axesOf(m).length - 1;
  const deg = (row: number) => (row === 0 ? program.start : program.moves[row - 1]!.at)[at]!;
  return (i) => (deg(i) === 0 && deg(i + 1) === 0 ? still : inner(boxTurned(m, block, deg(i), deg(i + 1))));
}

/** Whether the wire passes the block's box on its way from row i to the next. */
function crosses(faces: Float64Array, i: number, box: Box): boolean {
  const f = (k: number) => faces[i * 4 + k]!;
  return ACROSS.some((s) => {
    const x0 = f(0) + s * (f(2) - f(0));
    const y0 = f(1) + s * (f(3) - f(1));
    const x1 = f(4) + s * (f(6) - f(4));
    const y1 = f(5) + s * (f(7) - f(5));
    return shareInBox([x0, y0], [x1, y1], box) !== null;
  });
}

/** By how much foam and kerf are wider than across the wire, from how it slants along the feed in the foam: by the mean over the time that it cuts. */
export function stretchSeen(p: Played, block: Block): number {
  let [sum, seconds] = [0, 0];
  p.program.moves.forEach((move, i) => {
    if (move.kind !== 'feed' || p.inFoam[i] === 0) return;
    const off = (row: number) => p.faces[row * 4 + 2]! - p.faces[row * 4]!;
    sum += (p.takes[i]! * (off(i) + off(i + 1))) / 2;
    seconds += p.takes[i]!;
  });
  return seconds > 0 ? slantBy(sum / seconds, block[1]).stretch : 1;
}
