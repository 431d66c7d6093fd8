import { z } from 'zod';
import { keptMachineSchema, type KeptMachine } from '@/core/documents/keptMachine';
import { call } from '../api';
import type { MachineRecord } from '../types';

const record: z.ZodType<MachineRecord> = z.object({
  id: z.string().min(1),
  revision: z.int(),
  kept: keptMachineSchema,
});

export const savedMachineAnswer = z.object({ record });

/** What the pages ask of the server about the machines of the workshop. */
export const machineServer = {
  all: () => call('GET', '/api/machines', z.array(record)),
  add: (kept: KeptMachine) => call('POST', '/api/machines', record, kept),
  save: (id: string, save: { base: number; kept: KeptMachine }) =>
    call('PUT', `/api/machines/${id}`, savedMachineAnswer, save),
  drop: (id: string) => call('DELETE', `/api/machines/${id}`, z.unknown()),
} as const;
