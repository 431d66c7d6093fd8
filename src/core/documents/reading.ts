import { z } from 'zod';

const n = z.number().nullable();
export const LEVELS = ['stop', 'fix', 'note'] as const;
export type Level = (typeof LEVELS)[number];

export const FINDING_CODES = [
  'supply-overload',
  'pulse-peak-overload',
  'touch-voltage',
  'mains-direct',
  'not-isolated',
  'foam-refused',
  'wire-melts',
  'wire-too-hot',
  'foam-wider-than-wire',
  'lead-overheats',
  'metal-frame-live',
  'wire-overstressed',
  'frame-too-shallow',
  'control-overload',
  'supply-near-limit',
  'supply-limit-unknown',
  'supply-volts-short',
  'wire-too-cold',
  'feed-too-fast',
  'melt-back',
  'fume-limit',
  'heat-too-high',
  'heat-marginal',
  'cannot-start',
  'glows',
  'wire-short',
  'control-limit-unknown',
  'lead-loss-high',
  'contact-loss-high',
  'no-fuse',
  'no-switch',
  'wire-stress-high',
  'wire-goes-slack',
  'spring-past-safe-load',
  'spring-in-circuit',
  'take-up-short',
  'lag-high',
  'bar-near-buckling',
  'hold-ohm-flat',
  'battery-short',
  'battery-weak',
  'pulse-too-slow',
  'dial-too-coarse',
  'foam-caution',
  'feed-near-limit',
  'wide-slot',
  'charge-fade',
  'takes-a-set',
  'smokes-at-entry',
  'outside-model',
] as const;
export type FindingCode = (typeof FINDING_CODES)[number];

/** Those that are about how the wire is held. */
export const TENSION_CODES = [
  'wire-overstressed',
  'wire-stress-high',
  'takes-a-set',
  'wire-goes-slack',
  'spring-past-safe-load',
  'spring-in-circuit',
  'take-up-short',
  'lag-high',
  'bar-near-buckling',
] as const satisfies readonly FindingCode[];

export type Values = Readonly<Record<string, number | string | null>>;

export const findingSchema = z.strictObject({
  code: z.enum(FINDING_CODES),
  level: z.enum(LEVELS),
  text: z.string(),
  values: z.record(z.string(), z.union([z.number(), z.string(), z.null()])),
  /** `worsens`: lesser findings that the patch makes worse without lifting them; `uses`: what of the drawer it takes. */
  fixes: z.array(
    z.strictObject({
      text: z.string(),
      patch: z.record(z.string(), z.unknown()),
      worsens: z.array(z.enum(FINDING_CODES)).optional(),
      uses: z.string().optional(),
    }),
  ),
});
export type Finding = z.infer<typeof findingSchema>;
/** A finding before its texts are written. */
export type FindingFigures = Omit<Finding, 'text' | 'fixes'> & {
  readonly fixes: readonly Omit<Finding['fixes'][number], 'text'>[];
};

const group = <K extends string>(...keys: K[]) =>
  z.strictObject(Object.fromEntries(keys.map((k) => [k, n])) as Record<K, typeof n>);

/** What the core says of a rig. Null: not known, not built yet (a finding names the part), or not reached. */
export const readingSchema = z.strictObject({
  format: z.literal('upwind-rod/reading'),
  version: z.literal(1),
  cold: group('wireOhm'),
  idle: group(
    'amps',
    'peakAmps',
    'supplyVolts',
    'wireVolts',
    'wireOhm',
    'wireWatts',
    'wattsPerM',
    'wireC',
    'leadWatts',
  ).nullable(),
  cutting: group(
    'amps',
    'wireVolts',
    'wattsPerM',
    'airC',
    'foamC',
    'kerfMm',
    'fastestFeedMmS',
    'slowestFeedMmS',
    'reserve',
    'dragNPerM',
    'lagMm',
    'cornerWaitS',
  ).nullable(),
  supply: z.strictObject({ load: n, leastOhm: n, holds: z.boolean().nullable() }),
  time: group('warmUpS', 'coolDownS', 'resettleS', 'settleMm').nullable(),
  tension: group('coldN', 'hotN', 'growthMm', 'stressMPa', 'strengthMPa', 'use', 'pluckHz', 'slackMm'),
  battery: z.strictObject({ minutes: n, fastestFeedMmS: z.tuple([n, n]) }).nullable(),
  spread: z
    .strictObject({
      amps: z.tuple([z.number(), z.number()]).nullable(),
      kerfMm: z.tuple([z.number(), z.number()]).nullable(),
      fastestFeedMmS: z.tuple([z.number(), z.number()]).nullable(),
    })
    .nullable(),
  findings: z.array(findingSchema),
});
export type Reading = z.infer<typeof readingSchema>;
/** A reading before its texts are written: screens say it in the reader's units, documents in metric ones. */
export type ReadingFigures = Omit<Reading, 'findings'> & { readonly findings: readonly FindingFigures[] };
