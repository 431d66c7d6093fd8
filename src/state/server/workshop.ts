import { z } from 'zod';
import type { Checked } from '@/server/types';
import { call, send } from '../api';

/** A backup of some hundred megabytes over a slow network, and its reading, take minutes. */
const RESTORE_MS = 15 * 60_000;

/** Every picture and every entry of a long life is read. */
const CHECK_MS = 5 * 60_000;

const restored = z.object({ rigs: z.int(), cuts: z.int() });
const checked: z.ZodType<Checked> = z.object({
  entries: z.int(),
  pictures: z.int(),
  backups: z.int(),
  faults: z.array(z.object({ list: z.string(), id: z.string(), message: z.string() })),
  more: z.int(),
});

/** What the pages ask of the whole of what is kept. */
export const workshopServer = {
  restore: (file: Blob, stop: AbortSignal) =>
    send(
      '/api/backup',
      file,
      'application/json',
      restored,
      AbortSignal.any([stop, AbortSignal.timeout(RESTORE_MS)]),
    ),
  restoreKept: (name: string) =>
    call('POST', `/api/backup/kept/${encodeURIComponent(name)}`, restored, undefined, { withinMs: RESTORE_MS }),
  dismissDamage: () => call('DELETE', '/api/damage', z.object({ ok: z.literal(true) })),
  check: () => call('POST', '/api/check', checked, undefined, { withinMs: CHECK_MS }),
  addSample: () => call('POST', '/api/demo', z.unknown()),
  removeSample: () => call('DELETE', '/api/demo', z.object({ kept: z.int() })),
} as const;
