import { boolean, doublePrecision, index, integer, jsonb, pgTable, text, timestamp } from 'drizzle-orm/pg-core';
import type { Control } from '@/core/documents/control';
import type { LooseControl } from '@/core/documents/drawer';
import type { LoggedCut } from '@/core/documents/log';
import type { LoggedPull } from '@/core/documents/pull';
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
  ohmPerM: doublePrecision('ohm_per_m'),
  pricePerM: doublePrecision('price_per_m'),
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
  have: boolean('have').notNull().default(true),
  price: doublePrecision('price'),
  note: text('note').notNull().default(''),
  demo: boolean('demo').notNull().default(false),
  createdAt: made(),
});

/** A control that goes with more than one supply: a dimmer, a converter, a variac. */
export const controls = pgTable('controls', {
  id: text('id').primaryKey(),
  name: text('name').notNull(),
  control: jsonb('control').$type<LooseControl>().notNull(),
  have: boolean('have').notNull().default(true),
  price: doublePrecision('price'),
  note: text('note').notNull().default(''),
  demo: boolean('demo').notNull().default(false),
  createdAt: made(),
});

/** A pair of leads, out and back. */
export const leadPairs = pgTable('lead_pairs', {
  id: text('id').primaryKey(),
  name: text('name').notNull(),
  areaMm2: doublePrecision('area_mm2').notNull(),
  lengthMm: doublePrecision('length_mm').notNull(),
  contactOhm: doublePrecision('contact_ohm').notNull().default(0.01),
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

/** A reading of the pull of a rig's wire. */
export const pulls = pgTable(
  'pulls',
  {
    id: text('id').primaryKey(),
    rigId: text('rig_id')
      .notNull()
      .references(() => rigs.id, { onDelete: 'cascade' }),
    pull: jsonb('pull').$type<LoggedPull>().notNull(),
    at: timestamp('at', { withTimezone: true, mode: 'string' }).notNull(),
    demo: boolean('demo').notNull().default(false),
    createdAt: made(),
  },
  (t) => [index('pulls_rig').on(t.rigId)],
);
