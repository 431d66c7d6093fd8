import { z } from 'zod';
import { ALLOY_IDS } from '../catalog/alloys';
import { FOAM_IDS } from '../catalog/foams';
import { CONTROL_KINDS } from './controlKinds';
import { looseControlSchema } from './drawer';
import { between } from './fields';
import { foamPieceSchema } from './foamPiece';
import { ORIGINS } from './rig';
import { supplySchema } from './supply';

const name = z.string().trim().min(1).max(120);
const note = z.string().max(5000).default('');
const price = between(0, 1e6).nullable().default(null);

/** Things of the drawer as they are put in, by list. */
export const STOCK_SCHEMAS = {
  foams: z.strictObject({
    name,
    kind: z.enum(FOAM_IDS),
    densityKgM3: between(1, 1000),
    origin: z.enum(ORIGINS).default('assumed'),
    note,
    piece: foamPieceSchema.nullable().default(null),
  }),
  spools: z.strictObject({
    name,
    alloy: z.enum(ALLOY_IDS),
    diameterMm: between(0.02, 5),
    strands: z.union([z.literal(1), z.literal(3), z.literal(7), z.literal(19)]).default(1),
    metres: between(0, 100000).nullable().default(null),
    ohmPerM: between(0.001, 100000).nullable().default(null),
    pricePerM: price,
    note,
  }),
  supplies: z.strictObject({
    name,
    supply: supplySchema,
    control: z.enum(CONTROL_KINDS).default('none'),
    have: z.boolean().default(true),
    price,
    note,
  }),
  controls: z.strictObject({ name, control: looseControlSchema, have: z.boolean().default(true), price, note }),
  leads: z.strictObject({
    name,
    areaMm2: between(0.03, 100),
    lengthMm: between(0, 100000),
    contactOhm: between(0, 1000).default(0.01),
    note,
  }),
} as const;
