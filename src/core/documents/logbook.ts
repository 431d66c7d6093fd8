import { z } from 'zod';
import { ALLOY_IDS } from '../catalog/alloys';
import { FOAM_IDS } from '../catalog/foams';
import { daySchema } from './fields';
import { GRADES, SEEN, type LoggedCut } from './log';

export const ENTRY_KINDS = [
  'cut',
  'heat',
  'pull',
  'hot',
  'hang',
  'change',
  'remark',
  'run',
  'made',
  'slack',
] as const;
export type EntryKind = (typeof ENTRY_KINDS)[number];
export const LOG_SORTS = ['at', 'rig', 'setting', 'width', 'feed', 'kerf', 'amps'] as const;
export const LOG_GRADES = [...GRADES, 'limit'] as const;
/** Rows of the logbook that are asked for at a time, and at most. */
export const LOG_PAGE = 20;

const list = <T extends readonly [string, ...string[]]>(of: T) =>
  z
    .string()
    .max(400)
    .transform((s) => s.split(',').filter(Boolean))
    .pipe(z.array(z.enum(of)));
const whole = (lo: number, hi: number) =>
  z
    .string()
    .regex(/^\d{1,9}$/, 'must be a whole number')
    .transform(Number)
    .pipe(z.number().min(lo).max(hi));

/** A time zone of the IANA data base, in which typed days are meant. */
export const zoneSchema = z
  .string()
  .max(64)
  .refine(isZone, 'must be a time zone, as Europe/Berlin')
  .default('UTC');

function isZone(zone: string): boolean {
  try {
    return new Intl.DateTimeFormat('en', { timeZone: zone }).resolvedOptions().timeZone !== '';
  } catch {
    return false;
  }
}

/** What of the logbook is asked for, as it stands in an address. */
export const logQuerySchema = z.strictObject({
  rig: z.string().max(64).optional(),
  kinds: list(ENTRY_KINDS).optional(),
  foam: z.enum(FOAM_IDS).optional(),
  alloy: z.enum(ALLOY_IDS).optional(),
  grade: z.enum(LOG_GRADES).optional(),
  seen: z.enum(SEEN).optional(),
  from: daySchema.optional(),
  to: daySchema.optional(),
  q: z.string().max(200).optional(),
  sort: z.enum(LOG_SORTS).default('at'),
  dir: z.enum(['up', 'down']).default('down'),
  limit: whole(1, 500).default(LOG_PAGE),
  offset: whole(0, 1_000_000).default(0),
  zone: zoneSchema,
});
export type LogQuery = z.output<typeof logQuerySchema>;

/** Filters that only a cut can meet. */
export function asksForCuts(q: LogQuery): boolean {
  return (
    q.foam !== undefined ||
    q.alloy !== undefined ||
    q.grade !== undefined ||
    q.seen !== undefined ||
    (q.sort !== 'at' && q.sort !== 'rig')
  );
}

export const logViewSchema = z.strictObject({
  name: z.string().trim().min(1).max(80),
  query: z.string().max(1000),
});

/** A cut as a spreadsheet has it: its id, its rig by name, and what of the rig it was made on. */
export interface CutLine {
  readonly id: string;
  readonly rig: string;
  readonly foamKind: string | null;
  readonly foamKgM3: number | null;
  readonly alloy: string | null;
  readonly wireMm: number | null;
  readonly wireLengthMm: number | null;
  readonly control: string | null;
  readonly cut: LoggedCut;
}
