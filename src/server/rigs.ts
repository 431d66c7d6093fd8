import 'server-only';
import { createHash } from 'node:crypto';
import { toldAdvice } from '@/core/words/told';
import { z } from 'zod';
import type { cutAfterSchema, loggedCutSchema } from '@/core/documents/log';
import { baseSchema } from '@/core/documents/fields';
import { rigSchema, type Rig } from '@/core/documents/rig';
import { advise } from '@/core/engine/advise';
import { evidenceOf, tuningOf, type Tuning } from '@/core/engine/tune';
import { tuned } from '@/core/engine/tuned';
import type { Advice } from '@/core/documents/advice';
import type { Db } from '@/db/open';
import { amendCut as writeAfter } from '@/db/cuts';
import { keptJobs, keptPlans } from '@/db/kept';
import * as rigs from '@/db/rigs';
import { tellApart } from '@/core/words/names';
import { database } from './db';
import { Refusal, refusal } from './http';
import { takenElsewhere } from './once';
import { sameSave } from './sameSave';

/** A rig as its page needs it: the record, the cuts that tune it, what they say. */
export interface OpenRig {
  readonly record: rigs.RigRecord;
  readonly cuts: readonly rigs.CutRecord[];
  readonly tuning: Tuning;
}

/** Tunings already worked out, by the cuts they come from as they stand: another program may amend one under its id. */
const worked = new Map<string, Tuning>();
const MOST_KEPT = 2000;

function tuningFor(cuts: readonly rigs.CutRecord[]): Tuning {
  const key = createHash('sha256').update(JSON.stringify(cuts)).digest('base64');
  let t = worked.get(key);
  if (!t) {
    t = tuningOf(cuts);
    if (worked.size >= MOST_KEPT) worked.clear();
    worked.set(key, t);
  }
  return t;
}

async function opened(db: Db, record: rigs.RigRecord): Promise<OpenRig> {
  const cuts = await rigs.cutsFor(db, record);
  return { record, cuts, tuning: tuningFor(cuts) };
}

async function found(db: Db, id: string): Promise<rigs.RigRecord> {
  const record = await rigs.getRig(db, id);
  if (!record) throw refusal(404, 'not-found', 'There is no such rig.');
  return record;
}

export async function openRig(id: string): Promise<OpenRig | null> {
  const db = await database();
  const record = await rigs.getRig(db, id);
  return record ? opened(db, record) : null;
}

/** Whether a rig is there. */
export async function isRig(id: string): Promise<boolean> {
  return (await rigs.getRig(await database(), id)) !== null;
}

/** A rig as the shelf shows it: its document with the tuning filled in. */
export interface ShelfRig {
  readonly id: string;
  /** As it is shown: told apart from others of the same name. */
  readonly name: string;
  readonly doc: Rig;
  readonly cuts: number;
  readonly demo: boolean;
  readonly archived: boolean;
  readonly updatedAt: string;
}

/** Names of all rigs, told apart where two are the same. */
async function namesShown(db: Db): Promise<Map<string, string>> {
  return tellApart(await rigs.rigNames(db));
}

export async function shelf(archived: boolean): Promise<ShelfRig[]> {
  const db = await database();
  const records = await rigs.listRigs(db, archived);
  const names = await namesShown(db);
  const out: ShelfRig[] = [];
  for (const record of records) {
    const o = await opened(db, record);
    // The embedded database answers without letting others in between: a shelf of hundreds of rigs would hold them all up.
    await new Promise((then) => setImmediate(then));
    out.push({
      id: record.id,
      name: names.get(record.id)!,
      doc: tuned(record.doc, o.tuning),
      cuts: o.tuning.used,
      demo: record.demo,
      archived: record.archived,
      updatedAt: record.updatedAt,
    });
  }
  return out;
}

const linkSchema = z.string().max(64).nullable().default(null);
const linksShape = { foamStockId: linkSchema, spoolId: linkSchema, supplyId: linkSchema };

export const newRigSchema = z.strictObject({ doc: rigSchema, ...linksShape });
export async function createRig({ doc, ...links }: z.output<typeof newRigSchema>): Promise<OpenRig> {
  const db = await database();
  return opened(db, await insertLinked(() => rigs.insertRig(db, doc, links)));
}

export const saveSchema = z.strictObject({ base: baseSchema, doc: rigSchema, ...linksShape });
export async function saveRig(
  id: string,
  { base, doc, ...links }: z.output<typeof saveSchema>,
): Promise<OpenRig> {
  const db = await database();
  const saved = await insertLinked(() => rigs.saveRig(db, id, base, doc, links));
  if (saved) return opened(db, saved);
  const there = await found(db, id);
  const theirs = await opened(db, there);
  if (there.revision > base && sameSave(rigs.storedParts({ doc, ...links }), rigs.storedParts(there)))
    return theirs;
  throw new Refusal(
    409,
    [
      {
        path: 'base',
        rule: 'revision',
        message: `Another save came first: this rig is at revision ${theirs.record.revision}.`,
      },
    ],
    { theirs },
  );
}

/** A link to a thing that is not there is the sender's fault, not the server's. */
async function insertLinked<T>(work: () => Promise<T>): Promise<T> {
  try {
    return await work();
  } catch (e) {
    const code = (e as { cause?: { code?: string } }).cause?.code;
    if (code === '23503') throw refusal(422, 'link', 'names a foam, spool or supply that is not in the drawer');
    throw e;
  }
}

export async function duplicateRig(id: string): Promise<OpenRig> {
  const db = await database();
  const r = await found(db, id);
  const names = new Set((await namesShown(db)).values());
  const copy = (n: number) => `${(r.doc.name || 'Rig').slice(0, 180)}, copy${n > 1 ? ` ${n}` : ''}`;
  let n = 1;
  while (names.has(copy(n))) n++;
  // Its pieces and jobs go along, all of them or none.
  const made = await db.transaction(async (tx) => {
    const rig = await rigs.insertRig(tx, { ...r.doc, name: copy(n) }, r);
    for (const { doc } of await keptPlans.of(tx, id)) await keptPlans.insert(tx, rig.id, doc);
    for (const { doc } of await keptJobs.of(tx, id)) await keptJobs.insert(tx, rig.id, doc);
    return rig;
  });
  return opened(db, made);
}

export const patchSchema = z.strictObject({ archived: z.boolean() });
export async function archiveRig(
  id: string,
  { archived }: z.output<typeof patchSchema>,
): Promise<{ ok: true }> {
  const db = await database();
  if (!(await rigs.setArchived(db, id, archived))) throw refusal(404, 'not-found', 'There is no such rig.');
  return { ok: true };
}

export async function removeRig(id: string): Promise<{ ok: true }> {
  const db = await database();
  if (!(await rigs.deleteRig(db, id))) throw refusal(404, 'not-found', 'There is no such rig.');
  return { ok: true };
}

/** The document of a rig as it is exported: with what the log says of its foam. */
export async function exportRig(id: string): Promise<Rig> {
  const db = await database();
  const o = await opened(db, await found(db, id));
  return tuned(o.record.doc, o.tuning);
}

/** Answer to a logged cut: the rig with its new tuning, and whether the cut could count. */
export interface Logged {
  readonly open: OpenRig;
  readonly counts: boolean;
  readonly advice: Advice;
}

/** Keeps a cut of a rig, once under an id that a device gave it. */
async function keepCut(
  db: Db,
  id: string,
  cut: z.output<typeof loggedCutSchema>,
  under?: string,
): Promise<{ record: rigs.RigRecord; kept: rigs.CutRecord }> {
  const record = await found(db, id);
  const kept = await rigs.insertCut(db, record, cut, under);
  if (!kept) throw takenElsewhere();
  return { record, kept };
}

/** Logs a cut and nothing else: for what waited on a device, of which many may come at once. */
export async function takeCut(
  id: string,
  cut: z.output<typeof loggedCutSchema>,
  under?: string,
): Promise<{ ok: true }> {
  await keepCut(await database(), id, cut, under);
  return { ok: true };
}

export async function logCut(
  id: string,
  cut: z.output<typeof loggedCutSchema>,
  under?: string,
): Promise<Logged> {
  const db = await database();
  const { record, kept } = await keepCut(db, id, cut, under);
  const open = await opened(db, await found(db, id));
  const own = open.cuts.filter((c) => c.rigId === id).map((c) => c.cut);
  const advice = toldAdvice(advise(record.doc, open.tuning, own), record.doc);
  return { open, counts: evidenceOf(kept).length > 0, advice };
}

/** Amends a cut by what was measured afterwards; the tuning is worked out anew. */
export async function amendCut(
  rigId: string,
  cutId: string,
  after: z.output<typeof cutAfterSchema>,
): Promise<OpenRig> {
  const db = await database();
  if (!(await writeAfter(db, rigId, cutId, after))) throw refusal(404, 'not-found', 'There is no such cut.');
  return opened(db, await found(db, rigId));
}

export async function removeCut(rigId: string, cutId: string): Promise<OpenRig> {
  const db = await database();
  if (!(await rigs.deleteCut(db, rigId, cutId))) throw refusal(404, 'not-found', 'There is no such cut.');
  return opened(db, await found(db, rigId));
}

/** Names of all rigs, put away ones too, by which the logbook names them. */
export async function rigNames(): Promise<{ id: string; name: string }[]> {
  return [...(await namesShown(await database()))].map(([id, name]) => ({ id, name }));
}
