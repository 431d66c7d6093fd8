import type { Pt } from '../../numeric/polyline';
import type { Side } from './nominalSection';

/** Side of the section that a pass cuts. */
export type PassSide = Side | 'outline' | 'square';

/** One line that the wire follows at one end: from the start in waste over the stations to the end of the tail, as it stands. */
export interface Line {
  readonly points: readonly Pt[];
  /** Arc of each node along the line. */
  readonly nodes: readonly number[];
}
/** What a point of a pass is. */
export type NodeKind = 'start' | 'station' | 'corner' | 'out';
/** A place that both ends reach at the same time. */
export interface Node {
  readonly kind: NodeKind;
  /** Number of a station; of a corner, of the station before it. */
  readonly n: number;
  /** Degrees turned here on the root, to the left over 0. */
  readonly turnDeg: number;
}
/** A pass of the wire: both ends, node by node. */
export interface Pass {
  readonly side: PassSide;
  readonly nodes: readonly Node[];
  readonly root: Line;
  readonly tip: Line;
}
