import 'server-only';
import { z } from 'zod';
import { STOCK_SCHEMAS } from '@/core/documents/stock';
import { between } from '@/core/documents/fields';
import { rigsUsing, type RigLinks } from '@/db/rigs';
import * as stock from '@/db/stock';
import { database } from './db';
import { readBody } from './body';
import { Refusal, refusal, SIZES } from './http';

/** Which link of a rig names things of a list; controls and leads are copied into a rig, not linked. */
const LINK: Partial<Record<stock.StockKind, keyof RigLinks>> = {
  foams: 'foamStockId',
  spools: 'spoolId',
  supplies: 'supplyId',
};

function kindOf(text: string): stock.StockKind {
  const kind = stock.STOCK_KINDS.find((k) => k === text);
  if (!kind) throw refusal(404, 'not-found', 'There is no such list.');
  return kind;
}

export async function drawer(): Promise<stock.Stock> {
  return stock.listStock(await database());
}

async function itemOf<K extends stock.StockKind>(kind: K, request: Request): Promise<stock.NewStock<K>> {
  const body: object = await readBody(request, STOCK_SCHEMAS[kind] as z.ZodType<object>, SIZES.rig);
  return { ...body, demo: false } as unknown as stock.NewStock<K>;
}

/** Puts a thing of a kind in the drawer. */
export async function addStock(kindText: string, request: Request): Promise<unknown> {
  const kind = kindOf(kindText);
  return stock.insertStock(await database(), kind, await itemOf(kind, request));
}

/** Replaces a thing of the drawer; what somebody changed is no longer demo. */
export async function changeStock(kindText: string, id: string, request: Request): Promise<unknown> {
  const kind = kindOf(kindText);
  const changed = await stock.updateStock(await database(), kind, id, await itemOf(kind, request));
  if (!changed) throw refusal(404, 'not-found', 'It is not in the drawer.');
  return changed;
}

const takeSchema = z.strictObject({ metres: between(0.001, 100000) });

/** Takes a wire that is hung off its spool; refused where the spool has less. A spool that nobody counted stays so. */
export async function hangWire(id: string, request: Request): Promise<stock.Spool> {
  const { metres } = await readBody(request, takeSchema, SIZES.rig);
  const left = await stock.takeMetres(await database(), id, metres);
  if (left === null) throw refusal(404, 'not-found', 'It is not in the drawer.');
  if (left === 'short')
    throw new Refusal(409, [{ path: 'metres', rule: 'left', message: 'The spool has less than that left.' }]);
  return left;
}

/** Takes a thing out. In use, it is refused with the names of the rigs, unless `sure`. */
export async function removeStock(kindText: string, id: string, sure: boolean): Promise<{ ok: true }> {
  const kind = kindOf(kindText);
  const db = await database();
  const link = LINK[kind];
  const users = link ? await rigsUsing(db, link, id) : [];
  if (users.length > 0 && !sure) {
    const names = users.map((u) => u.name || 'a rig without a name');
    throw new Refusal(409, [{ path: 'id', rule: 'in-use', message: `In use by ${names.join(', ')}.` }], {
      users,
    });
  }
  if (!(await stock.deleteStock(db, kind, id))) throw refusal(404, 'not-found', 'It is not in the drawer.');
  return { ok: true };
}
