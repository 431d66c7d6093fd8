import type { AlloyId } from '../../catalog/alloys';
import type { HeatCause } from '../../documents/event';
import type { Rig } from '../../documents/rig';

/** A cause weighed against what was read: its share of all, its size, and what of the rig it would correct. */
export interface WeighedCause {
  readonly cause: HeatCause;
  /** 0 to 1; all causes together 1. */
  readonly share: number;
  /** mm, mm, Ω, A, V or null by the cause: gauge, length, contact, folds-back, supply-volts. */
  readonly size: number | null;
  readonly alloy: AlloyId | null;
  readonly patch: Readonly<Record<string, Readonly<Record<string, unknown>>>> | null;
}

/** How readily a bench would think of each before anything is read. Ours. */
export const PRIOR: Record<HeatCause, number> = {
  'as-drawn': 0.55,
  gauge: 0.13,
  length: 0.09,
  contact: 0.07,
  alloy: 0.05,
  'folds-back': 0.05,
  'supply-volts': 0.05,
  averaging: 0.25,
};

/** A cause at one size of it, with what it would change. */
export interface Guess {
  readonly cause: HeatCause;
  readonly weight: number;
  readonly size: number | null;
  readonly alloy: AlloyId | null;
  readonly rig: Rig;
  readonly limitAmps?: number;
  readonly averages?: boolean;
  readonly patch: WeighedCause['patch'];
}
