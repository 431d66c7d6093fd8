import 'server-only';
import { z } from 'zod';
import { ALLOY_IDS } from '@/core/catalog/alloys';
import { FOAM_IDS } from '@/core/catalog/foams';
import { CONTROL_KINDS } from '@/core/documents/control';
import { between } from '@/core/documents/fields';
import { ORIGINS } from '@/core/documents/rig';
import { supplySchema } from '@/core/documents/supply';
import { rigsUsing, type RigLinks } from '@/db/rigs';
import * as stock from '@/db/stock';
import { database } from './db';
import { readBody, Refusal, refusal, SIZES } from './http';

const name = z.string().trim().min(1).max(120);
const note = z.string().max(5000).default('');

const SCHEMAS = {
  foams: z.strictObject({
    name,
    kind: z.enum(FOAM_IDS),
    densityKgM3: between(1, 1000),
    origin: z.enum(ORIGINS).default('assumed'),
    note,
  }),
  spools: z.strictObject({
    name,
    alloy: z.enum(ALLOY_IDS),
    diameterMm: between(0.02, 5),
    strands: z.union([z.literal(1), z.literal(3), z.literal(7), z.literal(19)]).default(1),
    metres: between(0, 100000).nullable().default(null),
    note,
  }),
  supplies: z.strictObject({
    name,
    supply: supplySchema,
    control: z.enum(CONTROL_KINDS).default('none'),
    note,
  }),
} as const;

const LINK: Record<stock.StockKind, keyof RigLinks> = {
  foams: 'foamStockId',
  spools: 'spoolId',
  supplies: 'supplyId',
};

function kindOf(text: string): stock.StockKind {
  if (text === 'foams' || text === 'spools' || text === 'supplies') return text;
  throw refusal(404, 'not-found', 'There is no such list.');
}

export async function drawer(): Promise<stock.Stock> {
  return stock.listStock(await database());
}

/** Puts a thing of a kind in the drawer. */
export async function addStock(kindText: string, request: Request): Promise<unknown> {
  const kind = kindOf(kindText);
  const db = await database();
  if (kind === 'foams')
    return stock.insertFoam(db, { ...(await readBody(request, SCHEMAS.foams, SIZES.rig)), demo: false });
  if (kind === 'spools')
    return stock.insertSpool(db, { ...(await readBody(request, SCHEMAS.spools, SIZES.rig)), demo: false });
  return stock.insertSupply(db, { ...(await readBody(request, SCHEMAS.supplies, SIZES.rig)), demo: false });
}

/** Replaces a thing of the drawer; what somebody changed is no longer demo. */
export async function changeStock(kindText: string, id: string, request: Request): Promise<unknown> {
  const kind = kindOf(kindText);
  const db = await database();
  const own = { demo: false };
  const changed =
    kind === 'foams'
      ? await stock.updateFoam(db, id, { ...(await readBody(request, SCHEMAS.foams, SIZES.rig)), ...own })
      : kind === 'spools'
        ? await stock.updateSpool(db, id, { ...(await readBody(request, SCHEMAS.spools, SIZES.rig)), ...own })
        : await stock.updateSupply(db, id, {
            ...(await readBody(request, SCHEMAS.supplies, SIZES.rig)),
            ...own,
          });
  if (!changed) throw refusal(404, 'not-found', 'It is not in the drawer.');
  return changed;
}

/** Takes a thing out. In use, it is refused with the names of the rigs, unless `sure`. */
export async function removeStock(kindText: string, id: string, sure: boolean): Promise<{ ok: true }> {
  const kind = kindOf(kindText);
  const db = await database();
  const users = await rigsUsing(db, LINK[kind], id);
  if (users.length > 0 && !sure) {
    const names = users.map((u) => u.name || 'a rig without a name');
    throw new Refusal(409, [{ path: 'id', rule: 'in-use', message: `In use by ${names.join(', ')}.` }], {
      users,
    });
  }
  if (!(await stock.deleteStock(db, kind, id))) throw refusal(404, 'not-found', 'It is not in the drawer.');
  return { ok: true };
}
