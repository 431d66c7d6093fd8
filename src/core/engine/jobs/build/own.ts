import type { JobFindingFigures, MaterialFigures, StepFigures } from '../../../documents/worksheet';
import type { Worked } from '../work';

/** Numbers of a worksheet by name. */
export type Values = Worked['values'];
/** What the sizes of one kind of cutter come to. */
export interface Own {
  readonly values: Values;
  readonly steps: readonly StepFigures[];
  readonly materials: readonly MaterialFigures[];
  readonly findings: readonly JobFindingFigures[];
}
