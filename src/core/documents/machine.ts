import { z } from 'zod';
import { between, overZero } from './fields';

/** Letters that an axis may have: RS-274's linear axes, its second set, and the turning ones. */
export const AXIS_LETTERS = ['X', 'Y', 'Z', 'U', 'V', 'W', 'A', 'B', 'C'] as const;
export type AxisLetter = (typeof AXIS_LETTERS)[number];
const letter = z.enum(AXIS_LETTERS);

/** An axis: of a turning one read degrees for millimetres. */
export const axisSchema = z.strictObject({
  stepsPerMm: overZero(100_000).default(80),
  minMm: between(-100_000, 100_000).default(-100),
  maxMm: between(-100_000, 100_000).default(500),
  maxMmS: overZero(2000).default(20),
  accelMmS2: overZero(50_000).default(100),
  backlashMm: between(0, 10).default(0),
  home: z.enum(['min', 'max']).nullable().default('min'),
});
export type Axis = z.infer<typeof axisSchema>;

/** How motion code is written for its controller, and read back. */
export const codeSchema = z.strictObject({
  /** Feed by the time of each way (G93) or by its speed (G94). */
  feed: z.enum(['G93', 'G94']).default('G93'),
  /** What a speed of G94 is the speed of: all axes together, X Y Z alone, or X Y alone. */
  means: z.enum(['all', 'xyz', 'xy']).default('all'),
  units: z.enum(['mm', 'in']).default('mm'),
  decimals: z.number().int().min(2).max(6).default(3),
  heat: z.enum(['M3', 'none']).default('M3'),
  /** What S stands for full heat. */
  heatMax: overZero(100_000).default(1000),
  dwell: z.enum(['s', 'ms']).default('s'),
  comment: z.enum(['(', ';']).default('('),
});
export type CodeStyle = z.infer<typeof codeSchema>;

const pair = z.tuple([letter, letter]);

/** Motor towers: two ends led in planes a distance apart. `upwind-rod/machine` version 1, mm. */
export const machineSchema = z
  .strictObject({
    format: z.literal('upwind-rod/machine'),
    version: z.literal(1),
    name: z.string().max(200).default(''),
    left: pair.default(['X', 'Y']),
    /** Null: both ends are coupled, no taper. */
    right: pair.nullable().default(['U', 'V']),
    turn: letter.nullable().default(null),
    axes: z.partialRecord(letter, axisSchema).default(() => ({
      X: axisSchema.parse({}),
      Y: axisSchema.parse({ minMm: -50, maxMm: 350 }),
      U: axisSchema.parse({}),
      V: axisSchema.parse({ minMm: -50, maxMm: 350 }),
    })),
    /** Between the planes of both ends, and from the left one to the block. */
    towersMm: between(10, 20_000).default(900),
    leftToBlockMm: between(0, 20_000).default(100),
    /** Height of the bed over the work zero: the wire must stay above it. */
    bedMm: between(-10_000, 10_000).default(0),
    /** Where the work zero, the block's front lower edge, lies in the machine's own coordinates. */
    zeroMm: z.tuple([between(-100_000, 100_000), between(-100_000, 100_000)]).default([0, 0]),
    /** How far from a corner the controller may pass it. */
    deltaMm: overZero(10).default(0.05),
    /** Current of its motors together where they hang on the wire's own supply; null: they have one of their own. */
    motorsA: between(0, 100).nullable().default(null),
    code: codeSchema.prefault({}),
  })
  .superRefine((m, ctx) => {
    const issue = (path: (string | number)[], message: string) =>
      ctx.addIssue({ code: 'custom', path, message });
    const used = [...m.left, ...(m.right ?? []), ...(m.turn ? [m.turn] : [])];
    for (const l of used) if (!m.axes[l]) issue(['axes', l], 'must be given: it moves an end');
    if (new Set(used).size < used.length) issue(['left'], 'must name each axis once, left, right and turning');
    for (const l of AXIS_LETTERS) {
      const a = m.axes[l];
      if (a && !(a.minMm < a.maxMm)) issue(['axes', l, 'maxMm'], 'must be more than minMm');
    }
    if (m.turn && !['A', 'B', 'C'].includes(m.turn)) issue(['turn'], 'must be A, B or C');
  });
export type Machine = z.infer<typeof machineSchema>;

/** Axes of a machine in the order of its coordinates: left, right, turning. */
export const axesOf = (m: Pick<Machine, 'left' | 'right' | 'turn'>): AxisLetter[] => [
  ...m.left,
  ...(m.right ?? []),
  ...(m.turn ? [m.turn] : []),
];
