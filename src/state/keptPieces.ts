'use client';
import { createContext, type RefObject } from 'react';
import type { PlanRecord } from '@/server/types';
import type { KeptOpen } from './keptContext';
import type { PlanStore } from './planStore';

/** The pieces of a rig as they are open: kept by the rig's page while a stage that shows none of them stands. */
export type Kept = KeptOpen<PlanStore>;
/** What the rig's page hands to its stages of a piece. They are fetched when one is opened; this is not. */
export interface KeptPieces {
  readonly rigId: string;
  readonly plans: readonly PlanRecord[];
  readonly kept: RefObject<Kept | null>;
  readonly onName: (name: string | null) => void;
}
export const KeptPiecesContext = createContext<KeptPieces | null>(null);
