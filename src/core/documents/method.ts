import { z } from 'zod';
import { between, upTo } from './fields';

/** How a bow is driven along the templates of a piece. */
export const methodSchema = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('two-person') }),
  z.strictObject({ kind: z.literal('single-pass') }),
  z.strictObject({
    kind: z.literal('swing-arm'),
    tipRadiusMm: between(5, 5000),
    maxRadiusMm: between(5, 5000),
  }),
  z.strictObject({ kind: z.literal('lever'), armMm: between(5, 5000) }),
  z.strictObject({ kind: z.literal('anchored'), anchorMm: between(2, 50000) }),
  z.strictObject({ kind: z.literal('equal-pull'), pullN: between(0, 1000) }),
  z.strictObject({
    kind: z.literal('gravity'),
    massG: between(1, 100000),
    counterG: upTo(100000),
    frictionN: upTo(1000),
  }),
]);
/** The same, parsed. */
export type Method = z.infer<typeof methodSchema>;
/** Every way, in the order in which it is offered. */
export const METHOD_KINDS = [
  'two-person',
  'single-pass',
  'swing-arm',
  'lever',
  'anchored',
  'equal-pull',
  'gravity',
] as const;
