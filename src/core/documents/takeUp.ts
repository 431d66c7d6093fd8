import { z } from 'zod';
import { between } from './fields';

/** What a hung weight's cord goes over: friction μ and the wrap in degrees. */
export const guideSchema = z.strictObject({ friction: between(0, 2), wrapDeg: between(0, 720) });

/** Coil springs from their drawing; `coilMm` is the mean coil. Several alike, side by side or one after another. */
export const springsSchema = z
  .strictObject({
    wireMm: between(0.1, 20),
    coilMm: between(0.5, 200),
    turns: between(1, 1000),
    initialN: between(0, 5000).default(0),
    count: z.number().int().min(1).max(20).default(1),
    joined: z.enum(['parallel', 'series']).default('parallel'),
  })
  .superRefine((s, ctx) => {
    if (!(s.coilMm > 1.5 * s.wireMm))
      ctx.addIssue({ code: 'custom', path: ['coilMm'], message: 'must be over 1.5 times wireMm' });
  });
export type Springs = z.infer<typeof springsSchema>;

/** Rubber bands: all strands' area at rest, length at rest, stretch λ, shear modulus. */
export const rubberSchema = z.strictObject({
  areaMm2: between(0.1, 10000),
  restMm: between(1, 5000),
  stretch: between(1.01, 6),
  shearMPa: between(0.05, 5).default(0.55),
});
export type Rubber = z.infer<typeof rubberSchema>;

/** A bow of pivoted arms with a tie, and its bar. */
export const armsSchema = z.strictObject({
  wireArmMm: between(1, 20000),
  tieArmMm: between(1, 20000),
  barMm: between(1, 20000),
  barI_mm4: between(0.01, 1e9),
  barGPa: between(0.1, 1000).default(9),
});
export type Arms = z.infer<typeof armsSchema>;

/** Sizes of a plain bow of one section: arms, bar, section, modulus. They give what its tips yield; not kept in a document. */
export const plainBowSchema = z.strictObject({
  armMm: between(1, 20000),
  barMm: between(1, 20000),
  wide: between(0.1, 500),
  high: between(0.1, 500),
  gpa: between(0.1, 1000),
});
export type PlainBow = z.infer<typeof plainBowSchema>;
