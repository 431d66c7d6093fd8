import { z } from 'zod';
import { between, known } from './fields';

/** What the documents of all kinds of job are put together from; mm. */
export const size = between(0.5, 20000);
export const point = z.tuple([between(-20000, 20000), between(-20000, 20000)]);
/** [along the feed, along the wire, in the direction that is divided] of a block; of motor towers the last is its height. */
export const block = z.tuple([size, size, size]);
/** How many of a thing; null where as many are made as the block gives. */
export const some = known(z.number().int().min(1).max(10000));
/** What every job begins with. */
export const common = {
  format: z.literal('upwind-rod/job'),
  version: z.literal(1),
  name: z.string().max(200).default(''),
};
/** Where two sizes of a job contradict each other, and the rule. */
export type JobFault = [(string | number)[], string];
