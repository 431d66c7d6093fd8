import { z } from 'zod';
import { between } from './fields';

/** A point of a section, in chords. */
export const pointSchema = z.tuple([between(-2, 3), between(-2, 2)]);

/**
 * A section: a NACA code; points in chords from the tail over the top to the nose and back; or a plain shape by numbers, heights as
 * shares of the chord.
 */
export const sectionSchema = z.discriminatedUnion('kind', [
  z.strictObject({
    kind: z.literal('naca'),
    code: z.string().regex(/^\d{4,5}$/, 'must be four or five digits'),
  }),
  z.strictObject({
    kind: z.literal('points'),
    points: z.array(pointSchema).min(3).max(2000),
    name: z.string().max(200).optional(),
  }),
  z.strictObject({ kind: z.literal('rectangle'), height: between(0.002, 10) }),
  z.strictObject({ kind: z.literal('circle') }),
  z.strictObject({ kind: z.literal('half-round'), height: between(0.002, 2) }),
  z.strictObject({ kind: z.literal('trapezium'), height: between(0.002, 10), topShare: between(0.02, 1) }),
]);
/** The same, parsed. */
export type Section = z.infer<typeof sectionSchema>;
/** Every kind, in the order in which it is offered. */
export const SECTION_KINDS = ['naca', 'points', 'rectangle', 'circle', 'half-round', 'trapezium'] as const;
