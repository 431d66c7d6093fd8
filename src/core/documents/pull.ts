import { z } from 'zod';
import { between, instantSchema, known } from './fields';

/** Ways by which a pull is set or read. */
export const PULL_WAYS = ['stretch', 'weight', 'squeeze', 'pitch', 'note'] as const;
export type PullWay = (typeof PULL_WAYS)[number];

/** One reading of a wire's pull: when, newtons, with the wire cold or hot, and by which way. */
export const pullReadingSchema = z.strictObject({
  at: instantSchema,
  newtons: between(0, 5000),
  when: z.enum(['cold', 'hot']),
  way: z.enum(PULL_WAYS),
  hertz: known(between(1, 20000)),
  note: z.string().max(2000).default(''),
});
export type LoggedPull = z.infer<typeof pullReadingSchema>;
