'use client';
import type { PiecePlan } from '@/core/documents/plan';
import { keptContext } from './keptContext';
import { keys } from './keys';
import { createPlanStore, type PlanState, type PlanStore } from './planStore';
import { planServer } from './server/plans';

const pieces = keptContext<PiecePlan, PlanState, PlanStore>({
  name: 'piece',
  key: keys.plans,
  server: planServer,
  make: createPlanStore,
});

/** The pieces planned on a rig, for everything below; what is unsaved is sent before the page is left. */
export const PlanProvider = pieces.Provider;
/** The pieces of a rig and the one that is open. */
export const usePieces = pieces.useAll;
/** Something of the open plan; there must be one. */
export const usePlan = pieces.useOpen;
