import { apart, arcs, between, pointAt, turnAt, type Pt } from '../../numeric/polyline';
import type { Line, Pass } from './pass';

/** Both ends of a pass and their middle at a share of the way from one node to the next. */
export interface Walker {
  readonly count: number;
  /** Way of each end from node i to the next, mm. */
  readonly root: (i: number) => number;
  readonly tip: (i: number) => number;
  readonly middleAt: (i: number, share: number) => Pt;
  readonly endsAt: (i: number, share: number) => { root: Pt; tip: Pt };
  /** Curvature of the middle's way from node i to the next, 1/mm, the greatest; over 0 where the core is inside the curve. */
  readonly curvature: (i: number) => number;
}

/** Which way a pass has its core: 1 on the right of the way (top), −1 on its left. */
export function coreSide(pass: Pass): 1 | -1 {
  return pass.side === 'bottom' || pass.side === 'outline' ? -1 : 1;
}

/** Pieces into which each way from node to node is cut to look for its curve. */
const FINE = 12;
/** Its curve is taken over so many of them: a section's own points stand in between. */
const ARM = 4;
/** A turn sharper than this within one such piece is a corner, not a curve. */
const SHARP_DEG = 30;

export function walkerOf(pass: Pass): Walker {
  const at = (line: Line) => {
    const along = arcs(line.points);
    return (i: number, share: number) => {
      const a = line.nodes[i]!;
      const b = line.nodes[i + 1] ?? a;
      return pointAt(line.points, along, a + share * (b - a));
    };
  };
  const rootAt = at(pass.root);
  const tipAt = at(pass.tip);
  const way = (line: Line) => (i: number) => line.nodes[i + 1]! - line.nodes[i]!;
  const middleAt = (i: number, share: number) => between(rootAt(i, share), tipAt(i, share), 0.5);
  const sign = coreSide(pass);
  return {
    count: pass.nodes.length - 1,
    root: way(pass.root),
    tip: way(pass.tip),
    middleAt,
    endsAt: (i, share) => ({ root: rootAt(i, share), tip: tipAt(i, share) }),
    curvature: (i) => {
      const points = Array.from({ length: FINE + 1 }, (_, k) => middleAt(i, k / FINE));
      let most = 0;
      for (let k = ARM; k <= FINE - ARM; k++) {
        const three = [points[k - ARM]!, points[k]!, points[k + ARM]!];
        const turn = turnAt(three, 1);
        if (Math.abs(turn) > SHARP_DEG) continue;
        const run = (apart(three[0]!, three[1]!) + apart(three[1]!, three[2]!)) / 2;
        // Turning right (under 0) round a core on the right is a curve with the core inside.
        const curve = run > 0.05 ? (-sign * turn * Math.PI) / 180 / run : 0;
        if (Math.abs(curve) > Math.abs(most)) most = curve;
      }
      return most;
    },
  };
}
