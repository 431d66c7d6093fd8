import type { Pt } from '../numeric/polyline';
import type { Led } from './hand';

/** The wire at one place across the foam: its ends at the faces and its middle. */
export interface Spot {
  readonly at: Pt;
  readonly inFoam: boolean;
  readonly wireC: number;
  /** Kerf that it stands in, mm; 0 outside the foam or where it melts none. */
  readonly kerf: number;
  /** Feed through uncut foam, mm/s. */
  readonly feed: number;
  /** Feed over what the wire could melt its way at just then. */
  readonly ratio: number;
}

/** How the practised wire stands after a step. */
export interface Moment {
  readonly t: number;
  readonly near: Led;
  readonly far: Led;
  readonly spots: { readonly near: Spot; readonly middle: Spot; readonly far: Spot };
  readonly amps: number;
  readonly airC: number;
  /** Pull of the wire, N; 0 for a loop, which nothing holds tight. */
  readonly pull: number;
  /** How far the middle hangs back from the line between the ends, mm. */
  readonly lag: number;
  /** It has snagged: the foam holds it, and the hands with it. */
  readonly snagged: boolean;
}

/** Where each hand aims, as an arc of its track in mm. */
export interface Aim {
  readonly near: number;
  readonly far: number;
}
