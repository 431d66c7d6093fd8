import { z } from 'zod';

/** Number from lo to hi, both allowed. */
export const between = (lo: number, hi: number) => z.number().min(lo).max(hi);
/** Number over 0, up to hi. */
export const overZero = (hi: number) => z.number().gt(0).max(hi);
/** The same, or null where it is not known. */
export const known = <T extends z.ZodType>(schema: T) => schema.nullable().default(null);
