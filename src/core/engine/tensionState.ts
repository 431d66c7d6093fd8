import type { TakeUp } from './takeUp';
/** A wire's pull cold, hot and cutting, N, and what follows of it. SI. Null where nothing hot is known or the wire is slack. */
export interface Tension {
  readonly takeUp: TakeUp;
  /** The greater of cold and hot. */
  readonly mostN: number;
  readonly coldN: number;
  /** Idling in air; 0 slack. */
  readonly hotN: number | null;
  /** While it cuts: the foam has cooled its middle. The lower of a weight's two. */
  readonly cutN: number | null;
  readonly growth: number | null;
  readonly growthCut: number | null;
  /** Stress of the hot wire, Pa, its strength there, and the larger share of strength hot or cold. */
  readonly stress: number | null;
  readonly strength: number | null;
  readonly use: number;
  /** The larger share of yield hot or cold. */
  readonly yieldUse: number;
  readonly pluckHz: number;
  readonly slack: number | null;
  readonly drag: number | null;
  readonly lag: number | null;
  readonly wait: number | null;
}
