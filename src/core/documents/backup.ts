import { z } from 'zod';
import { instantSchema } from './fields';
import { eventSchema } from './event';
import { loggedCutSchema } from './log';
import { logViewSchema } from './logbook';
import { ownJobSchema } from './job';
import { keptMachineSchema } from './keptMachine';
import { piecePlanSchema } from './plan';
import { keptPracticeSchema } from './practice';
import { pullReadingSchema } from './pull';
import { rigSchema } from './rig';
import { STOCK_SCHEMAS } from './stock';

const id = z.string().min(1).max(64);
const link = id.nullable().default(null);
const demo = z.boolean().default(false);
const at = instantSchema;

const BASE64 = new Uint8Array(128);
for (const c of 'ABCDEFGHIJKLMNOPQRSTUVWXYZabcdefghijklmnopqrstuvwxyz0123456789+/') BASE64[c.charCodeAt(0)] = 1;

/** Whether a text is base64 (RFC 4648, section 4). By its signs one after the other: a pattern over megabytes overflows. */
function isBase64(text: string): boolean {
  if (text.length % 4 !== 0) return false;
  const padding = text.endsWith('==') ? 2 : text.endsWith('=') ? 1 : 0;
  for (let i = 0; i < text.length - padding; i++) if (BASE64[text.charCodeAt(i)] !== 1) return false;
  return true;
}

/** One entry of each list of a backup. */
export const entrySchemas = {
  foams: STOCK_SCHEMAS.foams.extend({ id, demo }),
  spools: STOCK_SCHEMAS.spools.extend({ id, demo }),
  supplies: STOCK_SCHEMAS.supplies.extend({ id, demo }),
  controls: STOCK_SCHEMAS.controls.extend({ id, demo }),
  leads: STOCK_SCHEMAS.leads.extend({ id, demo }),
  rigs: z.strictObject({
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
  cuts: z.strictObject({
    id,
    rigId: id,
    foamStockId: link,
    spoolId: link,
    rig: rigSchema,
    cut: loggedCutSchema,
    demo,
  }),
  pulls: z.strictObject({ id, rigId: id, pull: pullReadingSchema, demo }),
  events: z.strictObject({ id, rigId: id, event: eventSchema, demo }),
  plans: z.strictObject({ id, rigId: id, doc: piecePlanSchema, demo }),
  jobs: z.strictObject({ id, rigId: id, doc: ownJobSchema, demo }),
  machines: z.strictObject({ id, kept: keptMachineSchema, demo }),
  practice: keptPracticeSchema.extend({ id, rigId: link }),
  views: logViewSchema.extend({ id }),
  photos: z.strictObject({
    // It names a file: nothing but a UUID may.
    id: z.uuid(),
    rigId: id,
    cutId: link,
    name: z.string().max(200),
    width: z.number().int().min(1).max(20000),
    height: z.number().int().min(1).max(20000),
    at,
    /** Its bytes in base64; a day's own backup leaves them out (null): they lie beside it in the data folder. */
    data: z.string().max(8_000_000).refine(isBase64, { error: 'must be base64' }).nullable(),
  }),
} as const;

/** Everything that is kept, in one file. Ids are those it was kept under; links name them. */
export const backupSchema = z
  .strictObject({
    format: z.literal('upwind-rod/backup'),
    version: z.literal(1),
    madeAt: at,
    foams: z.array(entrySchemas.foams).max(20000),
    spools: z.array(entrySchemas.spools).max(20000),
    supplies: z.array(entrySchemas.supplies).max(20000),
    controls: z.array(entrySchemas.controls).max(20000),
    leads: z.array(entrySchemas.leads).max(20000),
    rigs: z.array(entrySchemas.rigs).max(20000),
    cuts: z.array(entrySchemas.cuts).max(100000),
    pulls: z.array(entrySchemas.pulls).max(100000),
    events: z.array(entrySchemas.events).max(200000).default([]),
    plans: z.array(entrySchemas.plans).max(20000).default([]),
    jobs: z.array(entrySchemas.jobs).max(20000).default([]),
    machines: z.array(entrySchemas.machines).max(1000).default([]),
    practice: z.array(entrySchemas.practice).max(20000).default([]),
    views: z.array(entrySchemas.views).max(1000).default([]),
    photos: z.array(entrySchemas.photos).max(5000).default([]),
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
      'jobs',
      'machines',
      'practice',
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
    b.practice.forEach((p, i) => p.rigId === null || rigs.has(p.rigId) || miss(['practice', i, 'rigId'], gone));
    b.pulls.forEach((p, i) => rigs.has(p.rigId) || miss(['pulls', i, 'rigId'], gone));
    b.plans.forEach((p, i) => rigs.has(p.rigId) || miss(['plans', i, 'rigId'], gone));
    b.jobs.forEach((j, i) => rigs.has(j.rigId) || miss(['jobs', i, 'rigId'], gone));
    b.events.forEach((e, i) => rigs.has(e.rigId) || miss(['events', i, 'rigId'], gone));
    const cuts = ids(b.cuts);
    b.photos.forEach((p, i) => {
      if (!rigs.has(p.rigId)) miss(['photos', i, 'rigId'], gone);
      if (p.cutId !== null && !cuts.has(p.cutId)) miss(['photos', i, 'cutId'], gone);
    });
  });
export type Backup = z.infer<typeof backupSchema>;
