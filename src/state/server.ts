import { rigSchema, type Rig } from '@/core/documents/rig';
import type { cutAfterSchema, LoggedCut } from '@/core/documents/log';
import type { PiecePlan } from '@/core/documents/plan';
import type { LoggedPull } from '@/core/documents/pull';
import type { RigEvent } from '@/core/documents/event';
import type { logImportSchema } from '@/core/documents/logImport';
import type { z } from 'zod';
import { call, send, type Outcome } from './api';
import type {
  EventRecord,
  Logged,
  PhotoRecord,
  PlanRecord,
  PullRecord,
  WireState,
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
  rig: (id: string) => call<OpenRig>('GET', `/api/rigs/${id}`),
  saveRig: (id: string, save: { base: number; doc: Rig } & RigLinks) =>
    call<OpenRig>('PUT', `/api/rigs/${id}`, save),
  wireOn: (rig: string) => call<WireState>('GET', `/api/rigs/${rig}/wire`),
  noteEvent: (rig: string, event: RigEvent) => call<EventRecord[]>('POST', `/api/rigs/${rig}/events`, event),
  amendEvent: (rig: string, id: string, event: RigEvent) =>
    call<EventRecord[]>('PUT', `/api/rigs/${rig}/events/${id}`, event),
  deleteEvent: (rig: string, id: string) => call<EventRecord[]>('DELETE', `/api/rigs/${rig}/events/${id}`),
  logPull: (rig: string, pull: LoggedPull) => call<PullRecord[]>('POST', `/api/rigs/${rig}/pulls`, pull),
  deletePull: (rig: string, id: string) => call<PullRecord[]>('DELETE', `/api/rigs/${rig}/pulls/${id}`),
  photos: (rig: string) => call<PhotoRecord[]>('GET', `/api/rigs/${rig}/photos`),
  addPhoto: (rig: string, of: { name: string; cut?: string }, jpeg: Blob) =>
    send<PhotoRecord[]>(`/api/rigs/${rig}/photos?${new URLSearchParams(of)}`, jpeg, 'image/jpeg'),
  deletePhoto: (id: string) => call('DELETE', `/api/photos/${id}`),

  plans: (rig: string) => call<PlanRecord[]>('GET', `/api/rigs/${rig}/plans`),
  addPlan: (rig: string, doc: PiecePlan) => call<PlanRecord>('POST', `/api/rigs/${rig}/plans`, doc),
  savePlan: (id: string, save: { base: number; doc: PiecePlan }) =>
    call<{ record: PlanRecord }>('PUT', `/api/plans/${id}`, save),
  deletePlan: (id: string) => call('DELETE', `/api/plans/${id}`),

  logCut: (rig: string, cut: LoggedCut) => call<Logged>('POST', `/api/rigs/${rig}/cuts`, cut),

  deleteCut: (rig: string, cut: string) => call<OpenRig>('DELETE', `/api/rigs/${rig}/cuts/${cut}`),
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
