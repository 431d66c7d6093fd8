import { z } from 'zod';
import { between, instantSchema, overZero } from './fields';
import { AXIS_LETTERS, machineSchema } from './machine';

const axis = z.enum(AXIS_LETTERS);
const at = instantSchema;
const note = z.string().max(5000).default('');
const thick = overZero(2000);

/** What was measured of a machine, and what was changed by it. mm. */
export const calibrationSchema = z.discriminatedUnion('kind', [
  /** An axis sent a way and gauged: its scale before and after. */
  z.strictObject({
    kind: z.literal('scale'),
    at,
    axis,
    commandedMm: overZero(20000),
    measuredMm: overZero(20000),
    was: overZero(100_000),
    now: overZero(100_000),
    note,
  }),
  /** One mark come to from both sides: how far both readings lie apart. */
  z.strictObject({ kind: z.literal('backlash'), at, axis, apartMm: between(0, 10), note }),
  /** Both ends at their stops: how far one stands before the other, over the distance of the towers. */
  z.strictObject({ kind: z.literal('square'), at, aheadMm: between(-100, 100), note }),
  /** A rectangle that was cut: its sides and both diagonals. */
  z.strictObject({
    kind: z.literal('diagonals'),
    at,
    sidesMm: z.tuple([overZero(5000), overZero(5000)]),
    diagonalsMm: z.tuple([overZero(10000), overZero(10000)]),
    note,
  }),
  /** A slab that was cut, gauged at its corners: front left, front right, back left, back right; and how far those lie apart along the wire. */
  z.strictObject({
    kind: z.literal('slab'),
    at,
    cornersMm: z.tuple([thick, thick, thick, thick]),
    acrossMm: overZero(20000),
    note,
  }),
  /** A limit switch pressed by hand while its axis moved: whether it stopped. */
  z.strictObject({ kind: z.literal('switch'), at, axis, stopped: z.boolean(), note }),
  /** A turned test piece: how thick it came out and should have, and the zero before and after. */
  z.strictObject({
    kind: z.literal('zero'),
    at,
    measuredMm: overZero(5000),
    wantedMm: overZero(5000),
    was: between(-100, 100),
    now: between(-100, 100),
    note,
  }),
]);
export type Calibration = z.infer<typeof calibrationSchema>;
export type CalibrationKind = Calibration['kind'];
export const CALIBRATION_KINDS = [
  'scale',
  'backlash',
  'square',
  'diagonals',
  'slab',
  'switch',
  'zero',
] as const;

/** What drives an axis, to know a scale by: steps a turn, microsteps; a belt on its pulley, a screw, or a gear before an axis that turns. */
export const driveSchema = z.strictObject({
  by: z.enum(['belt', 'screw', 'gear']),
  steps: overZero(10_000).default(200),
  micro: overZero(512).default(16),
  /** Pitch of the belt or lead of the screw. */
  pitchMm: overZero(100).default(2),
  /** Teeth of a belt's pulley. */
  teeth: z.number().int().min(5).max(200).default(20),
  /** Turns of the motor for one of the axis, through a gear. */
  ratio: overZero(1000).default(1),
});
export type Drive = z.infer<typeof driveSchema>;

/** A machine of the workshop with what drives its axes and how it was calibrated, newest last. Several rigs may use it. */
export const keptMachineSchema = z.strictObject({
  doc: machineSchema,
  drives: z.partialRecord(axis, driveSchema).default({}),
  calibrations: z.array(calibrationSchema).max(500).default([]),
});
export type KeptMachine = z.infer<typeof keptMachineSchema>;
