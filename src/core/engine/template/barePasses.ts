import { arcs, lengthOf, nearest, pointAt, turnAt, type Pt } from '../../numeric/polyline';
import { arcAtShare } from '../../physics/shape/surfaces';
import { turnedAbout, turnLine } from './chordLine';
import { CORNER_DEG, type Edges } from './ends';
import type { Side, NominalSection } from './nominalSection';

/** A line of one end before it is laid out, and the arcs of its stations and corners. */
export interface Bare {
  readonly points: Pt[];
  readonly stations: number[];
  readonly corners: number[];
}

/** A surface's edge with the arcs of its stations: the wanted surface's stations, each carried to the nearest place of the edge. */
export function bareOf(
  w: NominalSection,
  edges: Edges,
  side: Side,
  shares: readonly number[],
  byArc: boolean,
): Bare {
  const surface = w[side];
  const edge = edges[side];
  const along = arcs(surface);
  const whole = along[along.length - 1]!;
  const length = lengthOf(edge);
  let last = 0;
  const stations = shares.map((s, i) => {
    if (i === 0) return 0;
    if (i === shares.length - 1) return length;
    const arc = byArc ? s * whole : arcAtShare(surface, s);
    last = Math.max(last, nearest(edge, pointAt(surface, along, arc)).arc);
    return last;
  });
  return { points: [...edge], stations, corners: cornersOf(edge) };
}

/** The same edge, its stations and corners, turned over about the line that the block is. */
export const mirrored = (b: Bare, w: NominalSection): Bare => ({
  ...b,
  points: turnedAbout(turnLine(w), b.points),
});

/** Arcs of an edge's corners; a corner that the allowance has rounded is one where it turns far within a wire's breadth. */
function cornersOf(edge: readonly Pt[]): number[] {
  const along = arcs(edge);
  const out: number[] = [];
  let turned = 0;
  let from = 0;
  for (let i = 1; i < edge.length - 1; i++) {
    if (along[i]! - along[from]! > 1.5) {
      turned = 0;
      from = i;
    }
    turned += turnAt(edge, i);
    if (Math.abs(turned) < CORNER_DEG) continue;
    if (out.length === 0 || along[i]! - out[out.length - 1]! > 1.5) out.push(along[i]!);
    turned = 0;
    from = i;
  }
  return out;
}

/** One straight cut along the top of the section's box, from the nose's x to the tail's. */
export function straight(w: NominalSection, stations: number): Bare {
  const y = Math.max(...w.top.map((p) => p[1]));
  const x0 = Math.min(...w.loop.map((p) => p[0]));
  const x1 = Math.max(...w.loop.map((p) => p[0]));
  return {
    points: [
      [x0, y],
      [x1, y],
    ],
    stations: Array.from({ length: stations + 1 }, (_, i) => (i * (x1 - x0)) / stations),
    corners: [],
  };
}

/** Over the top from the tail to the nose, then under it back to the tail. */
export function around(top: Bare, bottom: Bare): Bare {
  const length = lengthOf(top.points);
  return {
    points: [...[...top.points].reverse(), ...bottom.points.slice(1)],
    stations: [
      ...top.stations.map((a) => length - a).reverse(),
      ...bottom.stations.slice(1).map((a) => a + length),
    ],
    corners: [...top.corners.map((a) => length - a).reverse(), ...bottom.corners.map((a) => a + length)],
  };
}
