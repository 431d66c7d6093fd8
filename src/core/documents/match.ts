import type { Control } from './control';
import type { WeightKey } from './drawer';
import type { FindingCode, Reading, ReadingFigures, Values } from './reading';
import type { Rig } from './rig';

/** Something a pairing still wants; `cost` null: nobody knows. */
export interface ToBuy {
  readonly what: 'wire' | 'supply' | 'control';
  readonly name: string;
  /** Metres of wire that the spool lacks; null for things. */
  readonly metres: number | null;
  readonly cost: number | null;
}

/** A pairing that works: its rig has no stop finding. `parts` run from 0 (poor) to 1. `buy` only where something is wanting. */
export interface MatchPair {
  readonly wire: string;
  readonly supply: string;
  readonly control: Control;
  readonly lengthMm: number;
  readonly score: number;
  readonly parts: Readonly<Record<WeightKey, number>>;
  readonly rig: Rig;
  readonly reading: Reading | null;
  readonly buy?: readonly ToBuy[];
}

/** A pairing that does not, and the first reason. */
export interface MatchRefusal {
  readonly wire: string;
  readonly supply: string;
  readonly control: { readonly kind: Control['kind']; readonly setting: number | null };
  readonly lengthMm: number;
  readonly code: FindingCode;
  readonly text: string;
  readonly values: Values;
}

/** Every pairing of a drawer in exactly one of two lists. */
export interface Match {
  readonly format: 'upwind-rod/match';
  readonly version: 1;
  readonly pairs: readonly MatchPair[];
  readonly refused: readonly MatchRefusal[];
}

/** A pairing and a refusal before their texts are written. */
export type PairFigures = Omit<MatchPair, 'reading'> & { readonly reading: ReadingFigures | null };
export type RefusalFigures = Omit<MatchRefusal, 'text'>;
export type MatchFigures = Omit<Match, 'pairs' | 'refused'> & {
  readonly pairs: readonly PairFigures[];
  readonly refused: readonly RefusalFigures[];
};
