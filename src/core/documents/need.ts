import { z } from 'zod';
import { rigSchema, type Rig } from './rig';

const n = z.number().nullable();

/** What a cut asks for: the current at which the fastest feed is feed / reserve, and all that follows. */
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
});
export type Need = z.infer<typeof needSchema>;

/** A rig of which supply and control are both given or both left out. */
export type NeedRig = { readonly rig: Rig; readonly powered: boolean };

const PLAIN_SUPPLY = { kind: 'bench', volts: 500, maxAmps: 500 } as const;

/** Reads a rig for `need`: parsed as a rig is, with supply and control both there or both left out. */
export const needRigSchema = z
  .looseObject({})
  .superRefine((doc, ctx) => {
    const supply = doc['supply'] !== undefined;
    const control = doc['control'] !== undefined;
    if (control && !supply)
      ctx.addIssue({ code: 'custom', path: ['supply'], message: 'must be given where control is' });
  })
  .transform((doc, ctx): NeedRig => {
    const powered = doc['supply'] !== undefined;
    const parsed = rigSchema.safeParse(powered ? doc : { ...doc, supply: PLAIN_SUPPLY });
    if (parsed.success && parsed.data.cut.feedMmS === null)
      ctx.addIssue({
        code: 'custom',
        path: ['cut', 'feedMmS'],
        message: 'must be given: a need is reckoned for a feed',
      });
    if (parsed.success) return { rig: parsed.data, powered };
    for (const issue of parsed.error.issues) ctx.addIssue({ ...issue, code: 'custom', message: issue.message });
    return z.NEVER;
  });
