import { z } from 'zod';
import { between, known } from './fields';

/**
 * An edge of a template that exists, mm, along the chord line from the nose that is marked on it and square to it, from nose to tail:
 * points that a fair curve goes through, or a line as it was drawn.
 */
export const ownEdgeSchema = z.strictObject({
  kind: z.enum(['points', 'line']),
  points: z
    .array(z.tuple([between(-500, 6000), between(-3000, 3000)]))
    .min(2)
    .max(2000),
});
/** The same, parsed. */
export type OwnEdge = z.infer<typeof ownEdgeSchema>;
/** Templates of one end that somebody has already; null where the program plans one. */
export const ownEnd = z.strictObject({ top: known(ownEdgeSchema), bottom: known(ownEdgeSchema) });
/** The same, parsed. */
export type OwnEdges = z.infer<typeof ownEnd>;
