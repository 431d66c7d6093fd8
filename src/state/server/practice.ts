import { z } from 'zod';
import { practiceRunSchema, traceSchema, type Trace } from '@/core/documents/practice';
import { call } from '../api';

/** What the pages ask of the server about runs of practice. */
export const practiceServer = {
  all: () => call('GET', '/api/practice', z.array(practiceRunSchema)),
  add: (run: { rigId: string | null; trace: Trace }) => call('POST', '/api/practice', practiceRunSchema, run),
  trace: (id: string) => call('GET', `/api/practice/${id}`, traceSchema),
  drop: (id: string) => call('DELETE', `/api/practice/${id}`, z.unknown()),
} as const;
