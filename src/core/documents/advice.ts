import { z } from 'zod';
import { findingSchema } from './reading';
import { ADVICE_REASONS } from './adviceReasons';

const triple = z.tuple([z.number(), z.number(), z.number()]);

/** What the log says: the tuning, the next setting and feed, and the window at that setting. */
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
  /** Null where a finding stops the rig: `finding` stands in its place. */
  next: z
    .strictObject({
      setting: z.number().nullable(),
      feedMmS: z.number().nullable(),
      why: z.enum(ADVICE_REASONS),
      text: z.string(),
    })
    .nullable(),
  finding: findingSchema.omit({ fixes: true }).optional(),
  enough: z.boolean(),
});
export type Advice = z.infer<typeof adviceSchema>;

/** Advice before its texts are written. */
export type AdviceFigures = Omit<Advice, 'next' | 'finding'> & {
  readonly next: Omit<NonNullable<Advice['next']>, 'text'> | null;
  readonly finding?: Omit<NonNullable<Advice['finding']>, 'text'>;
};
