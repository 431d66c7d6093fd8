import type { PlanCode } from '../../documents/templates';
import type { Level, Values } from '../../documents/reading';

/** A finding of a plan, without words; `patch` is a partial plan that would help, where one is known. */
export interface PlanDraft {
  readonly code: PlanCode;
  readonly level: Level;
  readonly values: Values;
  readonly patch?: Readonly<Record<string, unknown>>;
}

/** Keeps each literal's own type apart from its neighbours'. */
export const draft = (d: PlanDraft): PlanDraft => d;
