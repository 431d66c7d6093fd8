import type { Pt } from '../../numeric/polyline';

/** The two ends of a piece. */
export const ENDS = ['root', 'tip'] as const;
export type End = (typeof ENDS)[number];

export type Side = 'top' | 'bottom';

/** What is wanted of one end, mm, nose to the left, not yet twisted or moved; each surface from the nose to the tail. */
export interface NominalSection {
  readonly end: End;
  readonly chord: number;
  readonly loop: readonly Pt[];
  readonly top: readonly Pt[];
  readonly bottom: readonly Pt[];
  /** x runs one way only on both surfaces: a share of the chord is one place. */
  readonly plain: boolean;
  /** Lays a point out where it stands at this end: twist and offset. */
  readonly lay: (points: readonly Pt[]) => Pt[];
}
