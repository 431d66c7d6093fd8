import { z } from 'zod';
import { findingSchema, type FindingFigures } from './reading';

const n = z.number().nullable();

/** What a cut asks for: the current at which the max feed is feed / reserve, and all that follows. */
export const needSchema = z.strictObject({
  format: z.literal('upwind-rod/need'),
  version: z.literal(1),
  amps: n,
  wireVolts: n,
  supplyVolts: n,
  watts: n,
  wattsPerM: n,
  airC: n,
  foamC: n,
  kerfMm: n,
  ohmHot: n,
  setting: n,
  /** What is found against the rig that is needed; of one without supply and control, what is found against its wire and cut. */
  findings: z.array(findingSchema.omit({ fixes: true })),
});
export type Need = z.infer<typeof needSchema>;
/** A need before its texts are written. */
export type NeedFigures = Omit<Need, 'findings'> & {
  readonly findings: readonly Omit<FindingFigures, 'fixes'>[];
};
