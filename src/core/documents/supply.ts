import { z } from 'zod';
import { couldBe, labelVolts } from '../physics/circuit/battery';
import { between, overZero } from './fields';

export const SUPPLY_KINDS = [
  'bench',
  'brick',
  'computer-supply',
  'battery',
  'transformer',
  'charger',
  'other',
] as const;
export type SupplyKind = (typeof SUPPLY_KINDS)[number];
export const CHEMISTRIES = [
  'lead-acid',
  'lithium-polymer',
  'lithium-iron',
  'nickel-metal',
  'alkaline',
] as const;

export const batterySchema = z.strictObject({
  chemistry: z.enum(CHEMISTRIES),
  cells: z.number().int().min(1).max(200),
  ampHours: overZero(10000),
  charge: between(0, 1).default(0.8),
});

/** A power supply by its label. `maxAmps` null: not limited or not known. `isolated` absent: by its kind. */
export const supplySchema = z
  .strictObject({
    kind: z.enum(SUPPLY_KINDS),
    volts: overZero(500),
    maxAmps: between(0.01, 500).nullable(),
    internalOhm: between(0, 1000).default(0),
    current: z.enum(['dc', 'ac']).default('dc'),
    isolated: z.union([z.boolean(), z.literal('unknown')]).optional(),
    battery: batterySchema.optional(),
    ratedVA: overZero(100000).optional(),
  })
  .superRefine(({ volts, battery }, ctx) => {
    if (battery && !couldBe(battery.chemistry, battery.cells, volts))
      ctx.addIssue({
        code: 'custom',
        path: ['volts'],
        message: `must be within 15 % of what ${battery.cells} ${battery.chemistry} cells give at some charge`,
      });
  });
export type Supply = z.infer<typeof supplySchema>;

/** A supply kept from before its label was held against its cells: the cells count, the label follows. */
export function settledLabel(supply: Supply): Supply {
  const b = supply.battery;
  return b && !couldBe(b.chemistry, b.cells, supply.volts)
    ? { ...supply, volts: labelVolts(b.chemistry, b.cells) }
    : supply;
}

/** Whether the output is isolated from the mains: as stated, otherwise what its kind can be relied on for. */
export function isolationOf(supply: Supply): boolean | 'unknown' {
  if (supply.isolated !== undefined) return supply.isolated;
  return supply.kind === 'transformer' || supply.kind === 'other' ? 'unknown' : true;
}
