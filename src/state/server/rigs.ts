import { z } from 'zod';
import type { Rig } from '@/core/documents/rig';
import { rigSchema } from '@/core/documents/rig';
import type { LoggedCut } from '@/core/documents/log';
import { call } from '../api';
import { logged } from '../logged';
import type { RigLinks } from '../types';
import { loggedAnswer, openRigAnswer } from './answers';

/** What the pages ask of the server about rigs and their cuts: one function a request, its answer read by a schema. */
export const rigServer = {
  add: (rig: { doc: unknown } & Partial<RigLinks>) => call('POST', '/api/rigs', openRigAnswer, rig),
  duplicate: (id: string) => call('POST', `/api/rigs/${id}/duplicate`, openRigAnswer),
  archive: (id: string, archived: boolean) => call('PATCH', `/api/rigs/${id}`, z.unknown(), { archived }),
  document: (id: string) => call('GET', `/api/rigs/${id}/document`, rigSchema),
  open: (id: string) => call('GET', `/api/rigs/${id}`, openRigAnswer),
  save: (id: string, save: { base: number; doc: Rig } & RigLinks) =>
    call('PUT', `/api/rigs/${id}`, openRigAnswer, save),
  logCut: (rig: string, cut: LoggedCut) => logged(`/api/rigs/${rig}/cuts`, loggedAnswer, cut),
  deleteCut: (rig: string, cut: string) => call('DELETE', `/api/rigs/${rig}/cuts/${cut}`, openRigAnswer),
} as const;
