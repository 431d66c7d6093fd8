import { z } from 'zod';
import { between, known, overZero } from './fields';

export const CONTROL_KINDS = ['none', 'volts', 'amps', 'pwm', 'phase', 'scale', 'buck', 'clip', 'hold-ohm'] as const;
export type ControlKind = (typeof CONTROL_KINDS)[number];

/** What `setting` may be for each kind: lowest, highest; null: it has none. */
export const SETTING_LIMITS: Readonly<Record<ControlKind, readonly [number, number] | null>> = Object.freeze({
  none: null,
  volts: [0, 500],
  amps: [0, 500],
  pwm: [0, 1],
  phase: [0, 180],
  scale: [0, 1],
  buck: [0, 500],
  clip: [1, 20000],
  'hold-ohm': [0.001, 100000],
});

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
