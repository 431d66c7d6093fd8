import type { Place, Seen } from '../../documents/log';

export { PLACES, type Place } from '../../documents/log';

/** What could be behind it. */
export const CAUSES = [
  'too-fast',
  'too-slow',
  'too-hot',
  'too-cold',
  'slack-wire',
  'lag',
  'ends-uneven',
  'cool-ends',
  'template-rough',
  'stopped',
  'stood-at-exit',
  'wire-damaged',
  'wire-dirty',
  'uneven-foam',
  'draught',
  'supply-fades',
  'stored-heat',
  'corner-rushed',
  'corner-overstayed',
  'template-chills',
  'halves-rewelded',
] as const;
export type Cause = (typeof CAUSES)[number];

/** What is known of a cut when its causes are weighed: what was seen and where, and where the model puts it. */
export interface Signs {
  readonly seen: readonly Seen[];
  readonly where: Place | null;
  /** Feed over the fastest, over the slowest clean; null where not known. */
  readonly ofFastest: number | null;
  readonly ofSlowest: number | null;
  /** Wire in the foam less the foam's fume limit, K. */
  readonly overFumeK: number | null;
  /** Lag over the limit set for it. */
  readonly ofLagLimit: number | null;
  readonly hotN: number | null;
  /** The wire's room beside the foam over what its unheated ends want. */
  readonly ofRoom: number | null;
  readonly draughtMS: number;
  /** Max feed at the battery's stop over that when full; null for other supplies. */
  readonly fade: number | null;
  readonly guided: boolean;
  readonly foam: 'bead' | 'extruded' | 'other' | 'rewelds';
  /** Thick metal templates. */
  readonly metalTemplates: boolean;
}
