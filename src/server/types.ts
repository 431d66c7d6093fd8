/** What crosses from the server to the pages: types only, so that nothing of the database is drawn in. */
export type { CutRecord, RigLinks, RigRecord } from '@/db/rigs';
export type { FoamStock, Spool, Stock, StockKind, SupplyStock } from '@/db/stock';
export type { Logged, OpenRig, ShelfRig } from './rigs';
