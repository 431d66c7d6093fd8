import { boolean, doublePrecision, index, integer, jsonb, pgTable, text, timestamp } from 'drizzle-orm/pg-core';
import type { Control } from '@/core/documents/control';
import type { LoggedCut } from '@/core/documents/log';
import type { Rig } from '@/core/documents/rig';
import type { Supply } from '@/core/documents/supply';

const made = () => timestamp('created_at', { withTimezone: true, mode: 'string' }).notNull().defaultNow();

/** Foam on the shelf. */
export const foamStock = pgTable('foam_stock', {
  id: text('id').primaryKey(),
  name: text('name').notNull(),
  kind: text('kind').notNull(),
  densityKgM3: doublePrecision('density_kg_m3').notNull(),
  origin: text('origin').notNull().default('assumed'),
  note: text('note').notNull().default(''),
  demo: boolean('demo').notNull().default(false),
  createdAt: made(),
});

/** A spool of wire. */
export const spools = pgTable('spools', {
  id: text('id').primaryKey(),
  name: text('name').notNull(),
  alloy: text('alloy').notNull(),
  diameterMm: doublePrecision('diameter_mm').notNull(),
  strands: integer('strands').notNull().default(1),
  metres: doublePrecision('metres'),
  note: text('note').notNull().default(''),
  demo: boolean('demo').notNull().default(false),
  createdAt: made(),
});

/** A power supply in the drawer, with the control that belongs to it. */
export const supplies = pgTable('supplies', {
  id: text('id').primaryKey(),
  name: text('name').notNull(),
  supply: jsonb('supply').$type<Supply>().notNull(),
  control: text('control').$type<Control['kind']>().notNull().default('none'),
  note: text('note').notNull().default(''),
  demo: boolean('demo').notNull().default(false),
  createdAt: made(),
});

/** A rig as its validated document, columns to list by, and what it uses. The document keeps tuning 1. */
export const rigs = pgTable(
  'rigs',
  {
    id: text('id').primaryKey(),
    revision: integer('revision').notNull().default(1),
    name: text('name').notNull(),
    doc: jsonb('doc').$type<Rig>().notNull(),
    frameKind: text('frame_kind').notNull(),
    foamKind: text('foam_kind').notNull(),
    widthMm: doublePrecision('width_mm').notNull(),
    foamStockId: text('foam_stock_id').references(() => foamStock.id, { onDelete: 'set null' }),
    spoolId: text('spool_id').references(() => spools.id, { onDelete: 'set null' }),
    supplyId: text('supply_id').references(() => supplies.id, { onDelete: 'set null' }),
    demo: boolean('demo').notNull().default(false),
    touched: boolean('touched').notNull().default(false),
    archivedAt: timestamp('archived_at', { withTimezone: true, mode: 'string' }),
    createdAt: made(),
    updatedAt: timestamp('updated_at', { withTimezone: true, mode: 'string' }).notNull().defaultNow(),
  },
  (t) => [index('rigs_updated').on(t.updatedAt)],
);

/** A logged cut beside the rig as it was then; foam and spool say whose tuning it belongs to. */
export const cuts = pgTable(
  'cuts',
  {
    id: text('id').primaryKey(),
    rigId: text('rig_id')
      .notNull()
      .references(() => rigs.id, { onDelete: 'cascade' }),
    foamStockId: text('foam_stock_id'),
    spoolId: text('spool_id'),
    rig: jsonb('rig').$type<Rig>().notNull(),
    cut: jsonb('cut').$type<LoggedCut>().notNull(),
    at: timestamp('at', { withTimezone: true, mode: 'string' }).notNull(),
    demo: boolean('demo').notNull().default(false),
    createdAt: made(),
  },
  (t) => [index('cuts_rig').on(t.rigId), index('cuts_pair').on(t.foamStockId, t.spoolId)],
);
