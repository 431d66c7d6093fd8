import { z } from 'zod';
import { CONTROL_KINDS, SETTING_LIMITS, type ControlKind } from './controlKinds';
import { between, known, overZero } from './fields';

export { CONTROL_KINDS, SETTING_LIMITS, type ControlKind };

/** A mark of a dial without a meter, and what was read beside it with the wire idling: volts at the clips, or amps. */
export const markSchema = z
  .strictObject({
    mark: between(-1000, 1000),
    volts: known(overZero(500)),
    amps: known(overZero(500)),
  })
  .refine((m) => (m.volts === null) !== (m.amps === null), { message: 'must have either volts or amps' });
export type DialMark = z.infer<typeof markSchema>;

/** The control of a supply: kind, its setting in the kind's own unit, and what it can carry itself. */
export const controlSchema = z
  .strictObject({
    kind: z.enum(CONTROL_KINDS).default('none'),
    setting: z.number().nullable().default(null),
    frequencyHz: overZero(1e6).default(1000),
    efficiency: between(0.1, 1).default(0.9),
    steps: known(z.number().int().min(2).max(100000)),
    ratedAmps: known(between(0.01, 500)),
    ratedVolts: known(overZero(500)),
    ratedWatts: known(overZero(100000)),
    marks: z.array(markSchema).max(50).optional(),
  })
  .superRefine((control, ctx) => {
    const limits = SETTING_LIMITS[control.kind];
    if (!limits) {
      if (control.setting !== null)
        ctx.addIssue({ code: 'custom', path: ['setting'], message: 'must be null where there is no control' });
      return;
    }
    if (control.setting === null || !(control.setting >= limits[0] && control.setting <= limits[1]))
      ctx.addIssue({
        code: 'custom',
        path: ['setting'],
        message: `must lie between ${limits[0]} and ${limits[1]} for ${control.kind}`,
      });
  });
export type Control = z.infer<typeof controlSchema>;
