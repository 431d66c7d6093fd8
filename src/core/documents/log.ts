import { z } from 'zod';
import { between, instantSchema, known, overZero } from './fields';
import { rigSchema } from './rig';

export const GRADES = ['too-cold', 'good', 'too-hot'] as const;
export type Grade = (typeof GRADES)[number];
export const SEEN = [
  'hairs',
  'gloss',
  'grooves',
  'steps',
  'ragged',
  'drag-lines',
  'hollow',
  'skew',
  'eaten-tail',
  'smoke',
  'snag',
] as const;
export type Seen = (typeof SEEN)[number];

/** Where on the cut it was seen. */
export const PLACES = [
  'all-over',
  'entry',
  'middle',
  'one-end',
  'both-edges',
  'corner',
  'exit',
  'here-and-there',
  'curve',
] as const;
export type Place = (typeof PLACES)[number];

/** One logged cut. Feed is depth over seconds where it is not given. */
export const loggedCutSchema = z
  .strictObject({
    at: instantSchema,
    setting: z.number().min(0).max(100000).nullable().default(null),
    amps: known(overZero(500)),
    volts: known(overZero(500)),
    /** Where the volts were read: at the supply's display (the leads' loss is in them) or at the clips. */
    voltsAt: z.enum(['display', 'clips']).optional(),
    widthMm: between(1, 20000),
    depthMm: known(between(0.1, 20000)),
    seconds: known(between(0.05, 100000)),
    feedMmS: known(between(0.01, 1000)),
    kerfMm: known(between(0.01, 100)),
    timedFrom: z.enum(['touch', 'in-foam']).default('touch'),
    limit: z.boolean().default(false),
    grade: z.enum(GRADES).nullable().default(null),
    seen: z.array(z.enum(SEEN)).max(SEEN.length).default([]),
    note: z.string().max(20000).default(''),
    marks: z
      .array(z.strictObject({ mm: between(0.1, 20000), s: between(0.05, 100000) }))
      .max(50)
      .optional(),
    /** What had to be sanded off: where, and for how long. The maker's own measure of a cut. */
    sanded: z.strictObject({ where: z.enum(PLACES), minutes: between(0.1, 1000) }).optional(),
  })
  .superRefine((cut, ctx) => {
    const timed = cut.depthMm !== null && cut.seconds !== null;
    if (cut.feedMmS === null && !timed && cut.limit)
      ctx.addIssue({
        code: 'custom',
        path: ['feedMmS'],
        message: 'a limit cut must have a feed, or a depth and seconds',
      });
    cut.marks?.forEach((mark, i) => {
      const before = cut.marks![i - 1];
      if (before && !(mark.mm > before.mm && mark.s > before.s))
        ctx.addIssue({
          code: 'custom',
          path: ['marks', i],
          message: 'each mark must lie deeper and later than the one before',
        });
    });
  });
export type LoggedCut = z.infer<typeof loggedCutSchema>;

/** What is measured of a cut after it was logged: kerf, sanding, what was seen, a note. */
export const cutAfterSchema = z.strictObject({
  kerfMm: known(between(0.01, 100)),
  sanded: z
    .strictObject({ where: z.enum(PLACES), minutes: between(0.1, 1000) })
    .nullable()
    .default(null),
  seen: z.array(z.enum(SEEN)).max(SEEN.length),
  note: z.string().max(20000),
});

export const logSchema = z.strictObject({
  format: z.literal('upwind-rod/log').optional(),
  version: z.literal(1).optional(),
  rig: rigSchema,
  cuts: z.array(loggedCutSchema).max(50000),
});
export type Log = z.infer<typeof logSchema>;
