import type { ComponentType } from 'react';
import type { Columns } from '@/ui/Column';
import type { StageId } from './stageList';

/** Stages that come from elsewhere, each filling the three columns itself, with what the list of stages says of them. */
export type LateStages = { readonly [K in StageId]?: ComponentType<{ columns: Columns; stage: string }> };
export type LateAnswers = { readonly [K in StageId]?: string };
