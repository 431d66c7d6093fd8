import { z } from 'zod';
import { CONTROL_KINDS } from '@/core/documents/controlKinds';
import { eventSchema } from '@/core/documents/event';
import { loggedCutSchema, type cutAfterSchema } from '@/core/documents/log';
import { ENTRY_KINDS } from '@/core/documents/logbook';
import type { logImportSchema } from '@/core/documents/logImport';
import { pullReadingSchema } from '@/core/documents/pull';
import { call } from '../api';
import type { LogEntry, LogPage, LogView } from '../types';

const id = z.string().min(1);
const entry: z.ZodType<LogEntry> = z.object({
  id,
  rigId: id,
  rig: z.string(),
  kind: z.enum(ENTRY_KINDS),
  at: z.string().min(1),
  doc: z.union([eventSchema, pullReadingSchema, loggedCutSchema]),
  made: z
    .object({
      foam: z.string(),
      foamKgM3: z.number(),
      alloy: z.string(),
      wireMm: z.number(),
      control: z.enum(CONTROL_KINDS),
      feedMmS: z.number().nullable(),
    })
    .nullable(),
  pictures: z.int(),
});
const page: z.ZodType<LogPage> = z.object({ entries: z.array(entry), total: z.int() });
const views: z.ZodType<LogView[]> = z.array(z.object({ id, name: z.string(), query: z.string() }));
/** Tens of thousands of cuts are read and put in. */
const IMPORT_MS = 5 * 60_000;

const imported = z.object({ cuts: z.int(), already: z.int(), rigs: z.int() });

/** What the pages ask of the logbook. */
export const logServer = {
  /** A page of the logbook; `address` as `askedAs` writes a query. */
  page: (address: string, of: { offset?: number; limit?: number } = {}) =>
    call(
      'GET',
      `/api/log?${address}${of.offset ? `&offset=${of.offset}` : ''}${of.limit ? `&limit=${of.limit}` : ''}`,
      page,
    ),
  amendCut: (rig: string, cut: string, after: z.output<typeof cutAfterSchema>) =>
    call('PUT', `/api/rigs/${rig}/cuts/${cut}`, z.unknown(), after),
  importFile: (file: z.input<typeof logImportSchema>) =>
    call('POST', '/api/log/import', imported, file, { withinMs: IMPORT_MS }),
  views: () => call('GET', '/api/log/views', views),
  keepView: (view: { name: string; query: string }) => call('POST', '/api/log/views', views, view),
  forgetView: (view: string) => call('DELETE', `/api/log/views/${view}`, views),
} as const;
