import type { Pt } from '../numeric/polyline';
import type { Track } from './course';

/** What a run leaves behind of one end: the widest kerf of each bin, mm; 0 where it never was. */
export interface EndTally {
  readonly kerf: Float64Array;
  /** 1 where it was neither led too fast nor too slow. */
  readonly fair: Uint8Array;
  readonly track: Track;
}

/** What happened on a run, summed step by step. Seconds and mm. */
export interface Tallied {
  readonly near: EndTally;
  readonly far: EndTally;
  /** The middle's way through the foam. */
  readonly middle: readonly Pt[];
  /** Seconds with the wire in the foam; those faster than the wire melts; those moving slower than the min clean feed. */
  readonly inFoamS: number;
  readonly fastS: number;
  readonly slowS: number;
  /** Path of the longer end in the foam, and that led too fast. */
  readonly pathMm: number;
  readonly fastMm: number;
  readonly fastestMmS: number;
  readonly hottestC: number;
  /** Snags; those, and mm led too fast, before the wire was warm. */
  readonly snags: number;
  readonly coldSnags: number;
  readonly coldFastMm: number;
  readonly mostLag: number;
  /** Seconds stood at each corner. */
  readonly stoodS: readonly number[];
  /** Seconds stood on a line, longer than a pause. */
  readonly stillS: number;
  /** How far the ends were out of step, mm of the longer one: its mean over the time and its most. */
  readonly stepMeanMm: number;
  readonly stepMostMm: number;
  /** Share of its warming that the wire lacked when it came into the foam, 0 to 1. */
  readonly coldShare: number;
  /** Share of each end's way through the foam that was cut. */
  readonly doneShare: number;
}
