import { z } from 'zod';
import { ALLOY_IDS } from '../catalog/alloys';
import { CONTROL_KINDS } from './controlKinds';
import { between, known, overZero } from './fields';
import { cutSchema, foamSchema, frameSchema, leadsSchema, rigSchema } from './rig';
import { supplySchema } from './supply';

const name = z.string().max(200);
/** Money, in whatever the maker counts in; null: nobody knows. */
const price = known(between(0, 1e6));

/** A spool: `metres` left (null: not counted), and what a metre costs. */
export const drawerWireSchema = z.strictObject({
  name,
  wire: z.strictObject({
    alloy: z.enum(ALLOY_IDS),
    diameterMm: between(0.02, 5),
    strands: z.union([z.literal(1), z.literal(3), z.literal(7), z.literal(19)]).default(1),
    measuredOhmPerM: known(between(0.001, 100000)),
  }),
  metres: known(between(0, 100000)),
  pricePerM: price,
});

/** A control without its setting: the match finds it. `have` false: still to be bought. */
export const drawerControlSchema = z.strictObject({
  kind: z.enum(CONTROL_KINDS),
  name: name.default(''),
  frequencyHz: overZero(1e6).default(1000),
  efficiency: between(0.1, 1).default(0.9),
  steps: known(z.number().int().min(2).max(100000)),
  ratedAmps: known(between(0.01, 500)),
  ratedVolts: known(overZero(500)),
  ratedWatts: known(overZero(100000)),
  have: z.boolean().default(true),
  price,
});

/** A control that lies in the drawer by itself: as above, without what the drawer's list says of it. */
export const looseControlSchema = drawerControlSchema.omit({ name: true, have: true, price: true });
export type LooseControl = z.infer<typeof looseControlSchema>;

export const WEIGHT_KEYS = ['reserve', 'load', 'dial', 'strength', 'leads'] as const;
export type WeightKey = (typeof WEIGHT_KEYS)[number];
const weight = between(0, 10);
const weightsSchema = z.strictObject({
  reserve: weight.default(3),
  load: weight.default(2),
  dial: weight.default(1),
  strength: weight.default(2),
  leads: weight.default(1),
});
export type Weights = z.infer<typeof weightsSchema>;
export const PLAIN_WEIGHTS: Weights = Object.freeze(weightsSchema.parse({}));

/** Most pairings that one match takes. */
export const MOST_PAIRINGS = 50000;

/** What lies in the drawer and the cut it is wanted for. */
export const drawerSchema = z
  .strictObject({
    format: z.literal('upwind-rod/drawer'),
    version: z.literal(1),
    wires: z.array(drawerWireSchema).max(400),
    supplies: z
      .array(
        z.strictObject({
          name,
          supply: supplySchema,
          controls: z.array(drawerControlSchema).min(1).max(100),
          have: z.boolean().default(true),
          price,
        }),
      )
      .max(200),
    leads: leadsSchema.prefault({}),
    lengthsMm: z.array(between(1, 20000)).min(1).max(100).nullable().default(null),
    job: z.strictObject({
      frame: frameSchema,
      room: rigSchema.shape.room,
      foam: foamSchema,
      cut: cutSchema.extend({ feedMmS: between(0.01, 1000) }),
      reserve: known(between(0.3, 0.9)),
    }),
    weights: weightsSchema.nullable().default(null),
  })
  .superRefine((d, ctx) => {
    const controls = d.supplies.reduce((sum, s) => sum + s.controls.length, 0);
    const pairings = d.wires.length * (d.lengthsMm?.length ?? 6) * controls;
    if (pairings > MOST_PAIRINGS)
      ctx.addIssue({
        code: 'custom',
        path: ['wires'],
        message: `makes ${pairings} pairings with lengths and controls; at most ${MOST_PAIRINGS}`,
      });
  });
export type Drawer = z.infer<typeof drawerSchema>;
export type DrawerInput = z.input<typeof drawerSchema>;
export type DrawerWire = Drawer['wires'][number];
export type DrawerSupply = Drawer['supplies'][number];
export type DrawerControl = z.infer<typeof drawerControlSchema>;
