import { sql } from 'drizzle-orm';
import {
  boolean,
  customType,
  doublePrecision,
  index,
  integer,
  jsonb,
  pgTable,
  text,
  timestamp,
} from 'drizzle-orm/pg-core';
import type { Control } from '@/core/documents/control';
import type { LooseControl } from '@/core/documents/drawer';
import type { RigEvent } from '@/core/documents/event';
import type { FoamPiece } from '@/core/documents/foamPiece';
import type { LoggedCut } from '@/core/documents/log';
import type { OwnJob } from '@/core/documents/job';
import type { KeptMachine } from '@/core/documents/keptMachine';
import type { PiecePlan } from '@/core/documents/plan';
import type { Drill, PracticeScore, Trace } from '@/core/documents/practice';
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
  piece: jsonb('piece').$type<FoamPiece>(),
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

const number = (name: string, from: string) =>
  doublePrecision(name).generatedAlwaysAs(sql.raw(`(${from})::double precision`));
const words = (name: string, from: string) => text(name).generatedAlwaysAs(sql.raw(from));

/**
 * A logged cut beside the rig as it was then; foam and spool say whose tuning it belongs to. What the logbook lists, filters and
 * sorts by is generated from the two documents, so that it cannot say otherwise than they do.
 */
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
    foamKind: words('foam_kind', "rig->'foam'->>'kind'"),
    foamKgM3: number('foam_kg_m3', "rig->'foam'->>'densityKgM3'"),
    alloy: words('alloy', "rig->'wire'->>'alloy'"),
    wireMm: number('wire_mm', "rig->'wire'->>'diameterMm'"),
    wireLengthMm: number('wire_length_mm', "rig->'wire'->>'lengthMm'"),
    control: words('control', "rig->'control'->>'kind'"),
    setting: number('setting', "cut->>'setting'"),
    widthMm: number('width_mm', "cut->>'widthMm'"),
    kerfMm: number('kerf_mm', "cut->>'kerfMm'"),
    amps: number('amps', "cut->>'amps'"),
    feedMmS: doublePrecision('feed_mm_s').generatedAlwaysAs(
      sql.raw(
        "coalesce((cut->>'feedMmS')::double precision, (cut->>'depthMm')::double precision / nullif((cut->>'seconds')::double precision, 0))",
      ),
    ),
    grade: words('grade', "case when (cut->>'limit')::boolean then 'limit' else cut->>'grade' end"),
    seen: words('seen', "cut->>'seen'"),
    note: words('note', "coalesce(cut->>'note', '')"),
    createdAt: made(),
  },
  (t) => [
    index('cuts_rig').on(t.rigId),
    index('cuts_pair').on(t.foamStockId, t.spoolId),
    index('cuts_at').on(t.at, t.id),
    index('cuts_grade').on(t.grade),
    index('cuts_foam').on(t.foamKind),
  ],
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

/** What else happened to a rig: first heats, time under power, wires hung, changes, remarks. */
export const events = pgTable(
  'events',
  {
    id: text('id').primaryKey(),
    rigId: text('rig_id')
      .notNull()
      .references(() => rigs.id, { onDelete: 'cascade' }),
    kind: text('kind').$type<RigEvent['kind']>().notNull(),
    event: jsonb('event').$type<RigEvent>().notNull(),
    at: timestamp('at', { withTimezone: true, mode: 'string' }).notNull(),
    demo: boolean('demo').notNull().default(false),
    createdAt: made(),
  },
  (t) => [index('events_rig').on(t.rigId, t.at)],
);

/** Documents kept beside a rig, without the rig, which is laid in as it stands. */
const besideRig = <D>(name: string) =>
  pgTable(
    name,
    {
      id: text('id').primaryKey(),
      rigId: text('rig_id')
        .notNull()
        .references(() => rigs.id, { onDelete: 'cascade' }),
      revision: integer('revision').notNull().default(1),
      name: text('name').notNull(),
      doc: jsonb('doc').$type<D>().notNull(),
      demo: boolean('demo').notNull().default(false),
      createdAt: made(),
      updatedAt: timestamp('updated_at', { withTimezone: true, mode: 'string' }).notNull().defaultNow(),
    },
    (t) => [index(`${name}_rig`).on(t.rigId)],
  );
export type BesideRig<D> = ReturnType<typeof besideRig<D>>;

/** Pieces planned on a rig. */
export const plans = besideRig<PiecePlan>('plans');
/** Jobs of a table, slicer, loop or drop board. */
export const jobs = besideRig<OwnJob>('jobs');

/** A picture of a rig or of a cut; the picture itself is a file of the data folder, named by the id. */
export const photos = pgTable(
  'photos',
  {
    id: text('id').primaryKey(),
    rigId: text('rig_id')
      .notNull()
      .references(() => rigs.id, { onDelete: 'cascade' }),
    cutId: text('cut_id').references(() => cuts.id, { onDelete: 'cascade' }),
    name: text('name').notNull().default(''),
    width: integer('width').notNull(),
    height: integer('height').notNull(),
    at: timestamp('at', { withTimezone: true, mode: 'string' }).notNull(),
    createdAt: made(),
  },
  (t) => [index('photos_rig').on(t.rigId), index('photos_cut').on(t.cutId)],
);

/** A view of the logbook under a name: its filters and order as they stand in an address. */
export const logViews = pgTable('log_views', {
  id: text('id').primaryKey(),
  name: text('name').notNull(),
  query: text('query').notNull(),
  createdAt: made(),
});

/** A machine of the workshop, with what drives its axes and how it was calibrated. Jobs hold a copy of it. */
export const machines = pgTable('machines', {
  id: text('id').primaryKey(),
  revision: integer('revision').notNull().default(1),
  name: text('name').notNull(),
  kept: jsonb('kept').$type<KeptMachine>().notNull(),
  demo: boolean('demo').notNull().default(false),
  createdAt: made(),
  updatedAt: timestamp('updated_at', { withTimezone: true, mode: 'string' }).notNull().defaultNow(),
});

/** A run on the practice bench, apart from the log of real cuts; its trace only of the newest. */
export const practiceRuns = pgTable('practice_runs', {
  id: text('id').primaryKey(),
  rigId: text('rig_id').references(() => rigs.id, { onDelete: 'set null' }),
  rigName: text('rig_name').notNull(),
  frame: text('frame').$type<Rig['frame']['kind']>().notNull(),
  drill: text('drill').$type<Drill>().notNull(),
  at: timestamp('at', { withTimezone: true, mode: 'string' }).notNull(),
  score: jsonb('score').$type<PracticeScore>().notNull(),
  trace: jsonb('trace').$type<Trace>(),
  createdAt: made(),
});

/** Bytes; one driver gives a Buffer, the other a Uint8Array. */
const bytes = customType<{ data: Uint8Array }>({ dataType: () => 'bytea' });

/** The pictures themselves where the database is a server, which several programs share; else they are files. */
export const pictureBytes = pgTable('picture_bytes', {
  id: text('id').primaryKey(),
  bytes: bytes('bytes').notNull(),
  /** Since when nothing names it any more. */
  goneAt: timestamp('gone_at', { withTimezone: true, mode: 'string' }),
  createdAt: made(),
});

/** What a device that was let in may do. */
export const DEVICE_RIGHTS = ['work', 'look'] as const;
export type DeviceRight = (typeof DEVICE_RIGHTS)[number];

/** A device that was let in by a code: known again by a secret of which only the hash is kept. */
export const devices = pgTable('devices', {
  id: text('id').primaryKey(),
  name: text('name').notNull(),
  right: text('right').$type<DeviceRight>().notNull(),
  secretHash: text('secret_hash').notNull().unique(),
  usedAt: timestamp('used_at', { withTimezone: true, mode: 'string' }).notNull().defaultNow(),
  createdAt: made(),
});
