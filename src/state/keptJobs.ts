'use client';
import { createContext, type RefObject } from 'react';
import type { JobRecord } from '@/server/types';
import type { JobStore } from './jobStore';
import type { KeptOpen } from './keptContext';

/** What the rig's page hands to its stages of a job, as it does for pieces. */
export interface KeptJobs {
  readonly rigId: string;
  readonly jobs: readonly JobRecord[];
  readonly kept: RefObject<KeptOpen<JobStore> | null>;
  readonly onName: (name: string | null) => void;
}
export const KeptJobsContext = createContext<KeptJobs | null>(null);
