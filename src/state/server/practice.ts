import { z } from 'zod';
import { practiceRunSchema, type Trace } from '@/core/documents/practice';
import { call } from '../api';
import { logged } from '../logged';

/** What the pages ask of the server about runs of practice. */
export const practiceServer = {
  all: (rig?: string) =>
    call('GET', rig === undefined ? '/api/practice' : `/api/practice?rig=${rig}`, z.array(practiceRunSchema)),
  /** Keeps a run; where no answer comes it waits on this device, like what is logged at the bench. */
  add: (rigId: string, trace: Trace) =>
    logged('/api/practice', practiceRunSchema, { rigId, at: new Date().toISOString(), trace }),
  drop: (id: string) => call('DELETE', `/api/practice/${id}`, z.unknown()),
} as const;
