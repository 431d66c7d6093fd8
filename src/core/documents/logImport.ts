import { z } from 'zod';
import { UNITS } from '../units/unit';
import { zoneSchema } from './logbook';

/** What a column of somebody's spreadsheet can be of a cut. */
export const MAPPED = [
  'at', 'setting', 'widthMm', 'depthMm', 'seconds', 'feedMmS', 'kerfMm', 'amps', 'volts', 'grade', 'limit', 'seen', 'note',
] as const; // prettier-ignore
export type Mapped = (typeof MAPPED)[number];

export const DAY_ORDERS = ['year-month-day', 'day-month-year', 'month-day-year'] as const;
export type DayOrder = (typeof DAY_ORDERS)[number];

/** A mapped column: its name there, and the unit of its numbers where they have one. */
const columnSchema = z.strictObject({
  column: z.string().min(1).max(200),
  unit: z
    .string()
    .refine((id) => UNITS.some((u) => u.id === id), { error: 'is no unit that is known here' })
    .nullable()
    .default(null),
});
/** How a spreadsheet's columns become cuts. A width that is in no column is the rig's own. */
export const mappingSchema = z.strictObject({
  columns: z.partialRecord(z.enum(MAPPED), columnSchema),
  dayOrder: z.enum(DAY_ORDERS).default('year-month-day'),
  /** The zone that days and hours without one are meant in. */
  zone: zoneSchema,
});
export type Mapping = z.output<typeof mappingSchema>;

/** Text of a log to take in: this program's own (mapping null), or a spreadsheet with its mapping for one rig. */
export const logImportSchema = z.strictObject({
  text: z.string().max(24 * 1024 * 1024),
  form: z.enum(['csv', 'json']),
  rigId: z.string().max(64).nullable().default(null),
  mapping: mappingSchema.nullable().default(null),
});
export type LogImport = z.output<typeof logImportSchema>;
