import type { Say } from './say';
import type { Evaluation } from '../engine/evaluation';
/** A question that "why" answers: the relation in words, then each number that goes into it. */
export interface Why {
  readonly title: string;
  readonly relation: string;
  readonly numbers: readonly (readonly [string, string])[];
  readonly source: string;
}

export type Teller = (e: Evaluation, say: Say) => Why;
