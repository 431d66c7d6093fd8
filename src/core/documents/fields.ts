import { z } from 'zod';

/** Number from lo to hi, both allowed. */
export const between = (lo: number, hi: number) => z.number().min(lo).max(hi);
/** Number over 0, up to hi. */
export const overZero = (hi: number) => z.number().gt(0).max(hi);
/** Number from 0 to hi, both allowed; 0 where it is left out. */
export const upTo = (hi: number) => between(0, hi).default(0);
/** Revision that a save was made on: a whole number that the database can count on from. */
export const baseSchema = z.number().int().min(1).max(2_147_483_646);

/** Instants that every calendar and database knows alike. */
const YEARS = [1900, 2200] as const;
/** Farthest that any zone lies from UTC, hours. */
const FARTHEST_ZONE = 14;

/** An instant as ISO 8601 with its offset, of the years 1900 to 2200. */
export const instantSchema = z.iso.datetime({ offset: true }).refine(
  (at) => {
    const year = new Date(at).getUTCFullYear();
    const hours = Number(/[+-](\d\d):?\d\d$/.exec(at)?.[1] ?? 0);
    return year >= YEARS[0] && year <= YEARS[1] && hours <= FARTHEST_ZONE;
  },
  { error: `must lie in the years ${YEARS[0]} to ${YEARS[1]}, at most ${FARTHEST_ZONE} hours from UTC` },
);
/** A day as YYYY-MM-DD, of the same years. */
export const daySchema = z.iso
  .date()
  .refine((day) => Number(day.slice(0, 4)) >= YEARS[0] && Number(day.slice(0, 4)) <= YEARS[1], {
    error: `must lie in the years ${YEARS[0]} to ${YEARS[1]}`,
  });

/** The same, or null where it is not known. */
export const known = <T extends z.ZodType>(schema: T) => schema.nullable().default(null);
