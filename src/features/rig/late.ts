import type { ComponentType } from 'react';
import type { StageId } from './stageList';

/** Class names of the three columns, for a stage that comes from another place of the program. */
export interface ColumnClasses {
  readonly decide: string;
  readonly follow: string;
  readonly act: string;
  readonly fields: string;
  readonly pair: string;
  readonly says: string;
}
/** Stages that come from elsewhere, each filling the three columns itself, with what the list of stages says of them. */
export type LateStages = { readonly [K in StageId]?: ComponentType<{ columns: ColumnClasses; stage: string }> };
export type LateAnswers = { readonly [K in StageId]?: string };
