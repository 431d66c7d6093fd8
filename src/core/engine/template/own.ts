import type { Plan } from '../../documents/plan';
import type { OwnEdge } from '../../documents/ownEdge';
import { chordLine } from './chordLine';
import { fairCurve } from '../../numeric/fair';
import { signedDistance } from '../../numeric/inside';
import { arcs, apart, nearest, partOf, pointAt, lengthOf, type Pt } from '../../numeric/polyline';
import type { Allowance } from '../../physics/shape/allowance';
import type { Edges } from './ends';
import { ENDS, type NominalSection, type Side } from './nominalSection';

const SIDES = ['top', 'bottom'] as const;

/** Whether any edge of a plan's templates is one that its maker has. */
export const hasOwn = ({ template: { own } }: Pick<Plan, 'template'>): boolean =>
  ENDS.some((end) => SIDES.some((side) => own[end][side] !== null));

/** An edge as it runs, mm from its marked nose along its chord line. */
export const lineOfOwn = (edge: OwnEdge): Pt[] =>
  edge.kind === 'points' ? fairCurve(edge.points) : edge.points.map(([x, y]): Pt => [x, y]);

/** Carries points so that a line from `from[0]` towards `from[1]` comes to lie on one from `to[0]` towards `to[1]`; sizes stay. */
export function carried(points: readonly Pt[], from: readonly [Pt, Pt], to: readonly [Pt, Pt]): Pt[] {
  const heading = ([a, b]: readonly [Pt, Pt]) => Math.atan2(b[1] - a[1], b[0] - a[0]);
  const turn = heading(to) - heading(from);
  const [cos, sin] = [Math.cos(turn), Math.sin(turn)];
  return points.map(([x, y]): Pt => {
    const [dx, dy] = [x - from[0][0], y - from[0][1]];
    return [to[0][0] + cos * dx - sin * dy, to[0][1] + sin * dx + cos * dy];
  });
}

const FRAME: readonly [Pt, Pt] = [
  [0, 0],
  [1, 0],
];

/** The edges of an end with those that its maker has in place of those worked out. */
export function withOwn(plan: Plan, w: NominalSection, made: Edges): Edges {
  const own = plan.template.own[w.end];
  const edge = (side: Side) => {
    const given = own[side];
    return given ? carried(lineOfOwn(given), FRAME, chordLine(w)) : made[side];
  };
  return { top: edge('top'), bottom: edge('bottom') };
}

/** A section as it lies in the frame of its chord line: nose at 0, 0. */
export const inFrame = (laid: readonly Pt[], chord: readonly [Pt, Pt]): Pt[] => carried(laid, chord, FRAME);

/** A traced edge in the frame of the chord line marked beside it, y up; seen from its other face it is turned over. Null without a chord. */
export function edgeOfTrace(points: readonly Pt[], chord: readonly [Pt, Pt], otherFace: boolean): Pt[] | null {
  if (apart(...chord) < 1e-6) return null;
  return turnedOver(carried(points, chord, FRAME), otherFace);
}
const turnedOver = (points: readonly Pt[], over: boolean): Pt[] =>
  points.map(([x, y]): Pt => [x, over ? -y : y]);

/** How far an edge stands beyond a section at least and at most, mm, both in the frame of the chord line. */
export function standsBeyond(edge: readonly Pt[], section: readonly Pt[]): { least: number; most: number } {
  const off = edge.map((p) => signedDistance(section, p));
  return { least: Math.min(...off), most: Math.max(...off) };
}

/** Which of several outlines is likely a template of a chord: the one that its chord line lies nearest to, else the largest, the first. */
export function likelyOutline(
  outlines: readonly { readonly points: readonly Pt[] }[],
  lines: readonly (readonly [Pt, Pt])[],
  chordMm: number,
): number {
  const chord = likelyChord(lines, chordMm);
  if (!chord) return 0;
  const off = outlines.map(({ points }) =>
    chord.reduce((sum, p) => sum + nearest([...points, points[0]!], p).distance, 0),
  );
  return Math.max(0, off.indexOf(Math.min(...off)));
}

function likelyChord(lines: readonly (readonly [Pt, Pt])[], chordMm: number): readonly [Pt, Pt] | null {
  const likely = lines.filter((l) => Math.abs(apart(...l) / chordMm - 1) < 0.1);
  return likely.reduce<readonly [Pt, Pt] | null>(
    (a, b) => (a && Math.abs(apart(...a) - chordMm) <= Math.abs(apart(...b) - chordMm) ? a : b),
    null,
  );
}

/** Marks to begin with on a drawn outline: its chord line is the straight line nearest to a chord's length, else from left to right. */
export function firstMarks(loop: readonly Pt[], lines: readonly (readonly [Pt, Pt])[], chordMm: number) {
  const best = likelyChord(lines, chordMm);
  const left = loop.reduce((a, b) => (b[0] < a[0] ? b : a));
  const right = loop.reduce((a, b) => (b[0] > a[0] ? b : a));
  const [p, q] = best ?? [left, right];
  const [nose, tail] = p[0] <= q[0] ? [p, q] : [q, p];
  const closed = [...loop, loop[0]!];
  return { nose, tail, from: nearest(closed, nose).at, to: nearest(closed, tail).at };
}

/** Mean growth of an end's edges as they are, in the place of those that this heat asks for. */
export function grownOf(plan: Plan, w: NominalSection, edges: Edges, now: Allowance): Allowance {
  const own = plan.template.own[w.end];
  const mean = (side: Side) => {
    if (!own[side]) return now[side];
    const line = edges[side];
    const along = arcs(line);
    const whole = along[along.length - 1]!;
    const n = 60;
    let sum = 0;
    for (let i = 0; i < n; i++) sum += signedDistance(w.loop, pointAt(line, along, ((i + 0.5) / n) * whole));
    return sum / n;
  };
  return { ...now, top: mean('top'), bottom: mean('bottom') };
}

/**
 * The edge of a drawn outline between two places on it, in the frame of the chord line that is marked on it, from nose to tail; the
 * shorter way round, or the other. Null where both places are one.
 */
export function edgeOfOutline(
  loop: readonly Pt[],
  marks: { readonly from: Pt; readonly to: Pt; readonly nose: Pt; readonly tail: Pt },
  how: { readonly otherWay?: boolean; readonly otherFace?: boolean } = {},
): Pt[] | null {
  const closed = [...loop, loop[0]!];
  const whole = lengthOf(closed);
  const a = nearest(closed, marks.from).arc;
  const b = nearest(closed, marks.to).arc;
  const ahead = (b - a + whole) % whole;
  if (Math.min(ahead, whole - ahead) < 1e-6 || apart(marks.nose, marks.tail) < 1e-6) return null;
  const twice = [...closed, ...closed.slice(1)];
  const forward = ahead <= whole / 2 !== (how.otherWay ?? false);
  const part = forward ? partOf(twice, a, a + ahead) : partOf(twice, b, b + (whole - ahead)).reverse();
  return edgeOfTrace(part, [marks.nose, marks.tail], how.otherFace ?? false);
}
