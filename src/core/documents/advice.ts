import { z } from 'zod';

const triple = z.tuple([z.number(), z.number(), z.number()]);

/** What the log says: the tuning, the window it gives, and the next setting. */
export const adviceSchema = z.strictObject({
  format: z.literal('upwind-rod/advice'),
  version: z.literal(1),
  tuning: z.strictObject({
    logMean: z.number(),
    logSd: z.number(),
    factor: triple,
    used: z.number().int(),
    setAside: z.array(z.number().int()),
    slowMean: z.number(),
    slowSd: z.number(),
  }),
  window: z.strictObject({ fastestFeedMmS: triple.nullable(), slowestFeedMmS: triple.nullable() }),
  next: z.strictObject({
    setting: z.number().nullable(),
    feedMmS: z.number().nullable(),
    why: z.string(),
    text: z.string(),
  }),
  enough: z.boolean(),
});
export type Advice = z.infer<typeof adviceSchema>;
