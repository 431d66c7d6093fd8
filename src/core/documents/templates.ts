import { z } from 'zod';

const n = z.number().nullable();
const pt = z.tuple([z.number(), z.number()]);
const deviation = z.strictObject({
  max: n,
  at: n,
  side: z.enum(['top', 'bottom', 'outline', 'square']).nullable(),
});

/** What findings a plan can have beside its rig's own. */
export const PLAN_CODES = [
  'rig-stopped',
  'no-feed',
  'section-doubled',
  'method-taper',
  'taper-too-strong',
  'blank-too-small',
  'stock-too-thin',
  'longer-than-bow',
  'radius-too-large',
  'anchor-does-not-fit',
  'anchor-no-twist',
  'pull-stalls',
  'pull-runs-away',
  'lead-in-short',
  'tail-short',
  'upper-first',
  'template-too-hot',
  'template-chills',
  'nose-sharp',
  'inside-corner',
  'tail-thin',
  'beyond-tolerance',
  'wait-melts',
  'width-differs',
  'core-lies-low',
  'slot-too-narrow',
  'dowel-too-thick',
  'block-too-long',
  'template-other-kerf',
  'template-other-section',
  'own-edge-off',
  'turned-not-alike',
  'turned-slants',
] as const;
export type PlanCode = (typeof PLAN_CODES)[number];

export const planFindingSchema = z.strictObject({
  code: z.enum(PLAN_CODES),
  level: z.enum(['stop', 'fix', 'note']),
  text: z.string(),
  values: z.record(z.string(), z.union([z.number(), z.string(), z.null()])),
});
export type PlanFinding = z.infer<typeof planFindingSchema>;

/** What comes of a plan: `upwind-rod/templates` version 1, millimetres, seconds, newtons. */
export const templatesSchema = z.strictObject({
  format: z.literal('upwind-rod/templates'),
  version: z.literal(1),
  ends: z.array(
    z.strictObject({
      end: z.enum(['root', 'tip']),
      side: z.enum(['top', 'bottom', 'outline', 'square']),
      feedMmS: n,
      kerfMm: n,
      growMm: z.number(),
      outline: z.array(pt),
      stations: z.array(
        z.strictObject({ n: z.number(), x: z.number(), y: z.number(), arcMm: z.number(), timeS: n }),
      ),
    }),
  ),
  timeS: n,
  waits: z.array(z.strictObject({ side: z.string(), station: z.number(), seconds: z.number() })),
  method: z.record(z.string(), z.union([z.string(), z.number(), z.boolean(), z.null()])),
  pull: z.array(z.strictObject({ side: z.string(), station: z.number(), newtons: z.number() })),
  forecast: z.strictObject({ root: deviation, middle: deviation, tip: deviation }),
  findings: z.array(planFindingSchema),
});
export type TemplatesDocument = z.infer<typeof templatesSchema>;
/** The same before the texts of its findings are written. */
export type TemplatesFigures = Omit<TemplatesDocument, 'findings'> & {
  readonly findings: readonly Omit<TemplatesDocument['findings'][number], 'text'>[];
};
