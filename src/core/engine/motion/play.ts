import { axesOf, type Machine } from '../../documents/machine';
import { shareInBox } from '../../numeric/box';
import { toFaces } from '../../physics/motion/scale';
import { timeTaken } from '../../physics/motion/timing';
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
  readonly total: number;
  /** Shortest and longest wire between the towers while it is in the foam, mm. */
  readonly wireMm: readonly [number, number];
}

/** A rapid or a way without an asked time goes as fast as the axes allow. */
const AT_ONCE_S = 1e-6;
/** Places of the wire between both faces, ends included, that are looked at. */
const ACROSS = [0, 0.25, 0.5, 0.75, 1];

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
  put(0, program.start);
  moves.forEach((move, i) => {
    put(i + 1, move.at);
    takes[i] = move.kind === 'wait' ? move.askedS : seconds[i]!;
    reached[i + 1] = reached[i]! + takes[i]!;
    inFoam[i] = crosses(faces, i, block) ? 1 : 0;
    if (inFoam[i] === 0) return;
    const { left, right } = endsOf(m, move.at);
    const long = Math.hypot(m.towersMm, right[0] - left[0], right[1] - left[1]);
    wire[0] = Math.min(wire[0], long);
    wire[1] = Math.max(wire[1], long);
  });
  return {
    program,
    faces,
    takes,
    reached,
    inFoam,
    total: reached[n]!,
    wireMm: wire[1] > 0 ? wire : [m.towersMm, m.towersMm],
  };
}

/** Whether the wire passes the block's box on its way from row i to the next. */
function crosses(faces: Float64Array, i: number, [wide, , high]: Block): boolean {
  const f = (k: number) => faces[i * 4 + k]!;
  return ACROSS.some((s) => {
    const x0 = f(0) + s * (f(2) - f(0));
    const y0 = f(1) + s * (f(3) - f(1));
    const x1 = f(4) + s * (f(6) - f(4));
    const y1 = f(5) + s * (f(7) - f(5));
    return wayInBox(x0, y0, x1, y1, wide, high);
  });
}

/** What only touches the block's faces is not in it, mm. */
const SLACK = 1e-6;

/** Whether a straight way has a part inside a box from the origin to (w, h): its edge itself is outside. */
export function wayInBox(x0: number, y0: number, x1: number, y1: number, w: number, h: number): boolean {
  const inner = { x0: SLACK, y0: SLACK, x1: w - SLACK, y1: h - SLACK };
  return shareInBox([x0, y0], [x1, y1], inner) !== null;
}
