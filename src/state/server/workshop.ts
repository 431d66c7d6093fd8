import { z } from 'zod';
import { call } from '../api';

/** What the pages ask of the whole of what is kept. */
export const workshopServer = {
  restore: (doc: unknown) => call('POST', '/api/backup', z.object({ rigs: z.int(), cuts: z.int() }), doc),
  addSample: () => call('POST', '/api/demo', z.unknown()),
  removeSample: () => call('DELETE', '/api/demo', z.object({ kept: z.int() })),
} as const;
