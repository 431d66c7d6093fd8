import { z } from 'zod';
import { eventSchema } from './event';
import { loggedCutSchema } from './log';
import { logViewSchema } from './logbook';
import { piecePlanSchema } from './plan';
import { pullReadingSchema } from './pull';
import { rigSchema } from './rig';
import { STOCK_SCHEMAS } from './stock';

const id = z.string().min(1).max(64);
const link = id.nullable().default(null);
const demo = z.boolean().default(false);
const at = z.iso.datetime({ offset: true });

/** Everything that is kept, in one file. Ids are those it was kept under; links name them. */
export const backupSchema = z
  .strictObject({
    format: z.literal('upwind-rod/backup'),
    version: z.literal(1),
    madeAt: at,
    foams: z.array(STOCK_SCHEMAS.foams.extend({ id, demo })).max(20000),
    spools: z.array(STOCK_SCHEMAS.spools.extend({ id, demo })).max(20000),
    supplies: z.array(STOCK_SCHEMAS.supplies.extend({ id, demo })).max(20000),
    controls: z.array(STOCK_SCHEMAS.controls.extend({ id, demo })).max(20000),
    leads: z.array(STOCK_SCHEMAS.leads.extend({ id, demo })).max(20000),
    rigs: z
      .array(
        z.strictObject({
          id,
          doc: rigSchema,
          foamStockId: link,
          spoolId: link,
          supplyId: link,
          demo,
          touched: z.boolean().default(false),
          archivedAt: at.nullable().default(null),
          updatedAt: at,
        }),
      )
      .max(20000),
    cuts: z
      .array(
        z.strictObject({
          id,
          rigId: id,
          foamStockId: link,
          spoolId: link,
          rig: rigSchema,
          cut: loggedCutSchema,
          demo,
        }),
      )
      .max(100000),
    pulls: z.array(z.strictObject({ id, rigId: id, pull: pullReadingSchema, demo })).max(100000),
    events: z
      .array(z.strictObject({ id, rigId: id, event: eventSchema, demo }))
      .max(200000)
      .default([]),
    plans: z
      .array(z.strictObject({ id, rigId: id, doc: piecePlanSchema, demo }))
      .max(20000)
      .default([]),
    views: z.array(logViewSchema.extend({ id })).max(1000).default([]),
    /** Pictures with their bytes in base64; a day's own backup leaves these out (null): they lie beside it in the data folder. */
    photos: z
      .array(
        z.strictObject({
          // It names a file: nothing but a UUID may.
          id: z.uuid(),
          rigId: id,
          cutId: link,
          name: z.string().max(200),
          width: z.number().int().min(1).max(20000),
          height: z.number().int().min(1).max(20000),
          at,
          data: z.base64().max(8_000_000).nullable(),
        }),
      )
      .max(5000)
      .default([]),
  })
  .superRefine((b, ctx) => {
    const ids = (list: readonly { id: string }[]) => new Set(list.map((x) => x.id));
    const miss = (path: (string | number)[], message: string) =>
      ctx.addIssue({ code: 'custom', path, message });
    const twice = (name: string, list: readonly { id: string }[]) => {
      if (ids(list).size !== list.length) miss([name], 'has one id twice');
    };
    for (const name of [
      'foams',
      'spools',
      'supplies',
      'controls',
      'leads',
      'rigs',
      'cuts',
      'pulls',
      'events',
      'plans',
      'views',
      'photos',
    ] as const)
      twice(name, b[name]);
    const [foams, spools, supplies, rigs] = [ids(b.foams), ids(b.spools), ids(b.supplies), ids(b.rigs)];
    const gone = 'names something that is not in this file';
    b.rigs.forEach((r, i) => {
      if (r.foamStockId !== null && !foams.has(r.foamStockId)) miss(['rigs', i, 'foamStockId'], gone);
      if (r.spoolId !== null && !spools.has(r.spoolId)) miss(['rigs', i, 'spoolId'], gone);
      if (r.supplyId !== null && !supplies.has(r.supplyId)) miss(['rigs', i, 'supplyId'], gone);
    });
    b.cuts.forEach((c, i) => rigs.has(c.rigId) || miss(['cuts', i, 'rigId'], gone));
    b.pulls.forEach((p, i) => rigs.has(p.rigId) || miss(['pulls', i, 'rigId'], gone));
    b.plans.forEach((p, i) => rigs.has(p.rigId) || miss(['plans', i, 'rigId'], gone));
    b.events.forEach((e, i) => rigs.has(e.rigId) || miss(['events', i, 'rigId'], gone));
    const cuts = ids(b.cuts);
    b.photos.forEach((p, i) => {
      if (!rigs.has(p.rigId)) miss(['photos', i, 'rigId'], gone);
      if (p.cutId !== null && !cuts.has(p.cutId)) miss(['photos', i, 'cutId'], gone);
    });
  });
export type Backup = z.infer<typeof backupSchema>;
