import type { Load } from './load';
import type { Setup } from './setup';
import type { Window } from './window';
import type { CutState } from './cutState';
import type { Tension } from './tensionState';
/** All that is computed of one rig, in SI, before it is written as a reading. */
export interface Evaluation {
  readonly s: Setup;
  readonly load: Load;
  /** The supply has shut itself off: nothing hot is known. */
  readonly off: boolean;
  readonly idle: {
    readonly amps: number;
    readonly airC: number;
    readonly cutAmps: number;
    readonly cutAirC: number;
  };
  readonly window: Window;
  readonly cut: CutState | null;
  /** Feed in m/s: as set, otherwise reserve × the fastest. */
  readonly feed: number | null;
  /** feed / fastest. */
  readonly reserve: number | null;
  readonly drag: number | null;
  /** Reach of the unheated ends, m; null with a cold wire, and for a loop, which is all in foam. */
  readonly coolEnd: number | null;
  /** Minutes of a battery at this setting, and the max feed full and at the stop, mm/s; null for other supplies. */
  readonly battery: {
    readonly minutes: number | null;
    readonly fastestFeedMmS: [number | null, number | null];
  } | null;
  /** Length of wire that the foam's width wants, m. */
  readonly wantedLength: number | null;
  readonly tension: Tension;
}
