import { z } from 'zod';
import { ALLOY_IDS } from '@/core/catalog/alloys';
import { call } from '../api';
import type { NewStock, Spool, StockKind } from '../types';

const at = (kind: StockKind, id?: string | null) => `/api/drawer/${kind}${id ? `/${id}` : ''}`;
const spool: z.ZodType<Spool> = z.object({
  id: z.string().min(1),
  name: z.string(),
  alloy: z.enum(ALLOY_IDS),
  diameterMm: z.number(),
  strands: z.literal([1, 3, 7, 19]),
  metres: z.number().nullable(),
  ohmPerM: z.number().nullable(),
  pricePerM: z.number().nullable(),
  note: z.string(),
  demo: z.boolean(),
});

/** What the pages ask of the drawer. */
export const stockServer = {
  add: <K extends StockKind>(kind: K, item: Omit<NewStock<K>, 'demo'>) =>
    call('POST', at(kind), z.unknown(), item),
  /** Saves a thing of the drawer: under its id, or as a new one. */
  save: (kind: StockKind, id: string | null, fields: unknown) =>
    call(id ? 'PUT' : 'POST', at(kind, id), z.unknown(), fields),
  /** `sure`: though rigs use it. */
  drop: (kind: StockKind, id: string, sure: boolean) =>
    call('DELETE', `${at(kind, id)}${sure ? '?sure=1' : ''}`, z.unknown()),
  takeWire: (id: string, metres: number) => call('POST', `/api/hang/${id}`, spool, { metres }),
} as const;
