import { rigSchema, type Rig } from '@/core/documents/rig';
import type { cutAfterSchema } from '@/core/documents/log';
import type { RigEvent } from '@/core/documents/event';
import type { logImportSchema } from '@/core/documents/logImport';
import type { z } from 'zod';
import { call, type Outcome } from './api';
import type {
  Imported,
  LogPage,
  LogView,
  NewStock,
  OpenRig,
  RigLinks,
  ShelfRig,
  Spool,
  StockKind,
} from './types';

const stockAt = (kind: StockKind, id?: string | null) => `/api/drawer/${kind}${id ? `/${id}` : ''}`;

/** What the pages ask of the server, one function a request: its address, what it takes and what it answers. */
export const server = {
  addRig: (rig: { doc: unknown } & Partial<RigLinks>) => call<OpenRig>('POST', '/api/rigs', rig),
  duplicateRig: (id: string) => call<OpenRig>('POST', `/api/rigs/${id}/duplicate`),
  archiveRig: (id: string, archived: boolean) => call<ShelfRig>('PATCH', `/api/rigs/${id}`, { archived }),
  rigDocument: async (id: string): Promise<Outcome<Rig>> => {
    const answer = await call<unknown>('GET', `/api/rigs/${id}/document`);
    if (answer.kind !== 'done') return answer;
    const read = rigSchema.safeParse(answer.data);
    return read.success ? { kind: 'done', data: read.data } : { kind: 'lost' };
  },
  noteEvent: (rig: string, event: RigEvent) => call('POST', `/api/rigs/${rig}/events`, event),

  deleteCut: (rig: string, cut: string) => call('DELETE', `/api/rigs/${rig}/cuts/${cut}`),
  amendCut: (rig: string, cut: string, after: z.output<typeof cutAfterSchema>) =>
    call('PUT', `/api/rigs/${rig}/cuts/${cut}`, after),

  addStock: <K extends StockKind>(kind: K, item: Omit<NewStock<K>, 'demo'>) =>
    call('POST', stockAt(kind), item),
  /** Saves a thing of the drawer: under its id, or as a new one. */
  saveStock: (kind: StockKind, id: string | null, fields: unknown) =>
    call(id ? 'PUT' : 'POST', stockAt(kind, id), fields),
  /** `sure`: though rigs use it. */
  deleteStock: (kind: StockKind, id: string, sure: boolean) =>
    call('DELETE', `${stockAt(kind, id)}${sure ? '?sure=1' : ''}`),
  takeWire: (spool: string, metres: number) => call<Spool>('POST', `/api/hang/${spool}`, { metres }),

  /** A page of the logbook; `address` as `askedAs` writes a query. */
  log: (address: string, page: { offset?: number; limit?: number } = {}) =>
    call<LogPage>(
      'GET',
      `/api/log?${address}${page.offset ? `&offset=${page.offset}` : ''}${page.limit ? `&limit=${page.limit}` : ''}`,
    ),
  importLog: (file: z.input<typeof logImportSchema>) => call<Imported>('POST', '/api/log/import', file),
  keepView: (view: { name: string; query: string }) => call<LogView[]>('POST', '/api/log/views', view),
  forgetView: (id: string) => call<LogView[]>('DELETE', `/api/log/views/${id}`),

  restoreBackup: (doc: unknown) => call<{ rigs: number; cuts: number }>('POST', '/api/backup', doc),
  addSample: () => call('POST', '/api/demo'),
  removeSample: () => call<{ kept: number }>('DELETE', '/api/demo'),
} as const;
