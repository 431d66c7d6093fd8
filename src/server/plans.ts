import 'server-only';
import { planSchema, type PiecePlan, type Plan } from '@/core/documents/plan';
import { tuned } from '@/core/engine/tune';
import { deletePlan, getPlan, insertPlan, plansOf, savePlan, type PlanRecord } from '@/db/plans';
import { getRig } from '@/db/rigs';
import { database } from './db';
import { Refusal, refusal } from './http';
import { openRig } from './rigs';

const gone = () => refusal(404, 'not-found', 'There is no such piece.');

export async function listPlans(rigId: string): Promise<PlanRecord[]> {
  return plansOf(await database(), rigId);
}

export async function addPlan(rigId: string, doc: PiecePlan): Promise<PlanRecord> {
  const db = await database();
  if (!(await getRig(db, rigId))) throw refusal(404, 'not-found', 'There is no such rig.');
  return insertPlan(db, rigId, doc);
}

/** Saves a plan; where another save came first, answers 409 with that one. */
export async function putPlan(id: string, base: number, doc: PiecePlan): Promise<{ record: PlanRecord }> {
  const db = await database();
  const saved = await savePlan(db, id, base, doc);
  if (saved) return { record: saved };
  const there = await getPlan(db, id);
  if (!there) throw gone();
  throw new Refusal(409, [{ path: '(document)', rule: 'revision', message: 'was saved elsewhere first' }], {
    theirs: { record: there },
  });
}

export async function removePlan(id: string): Promise<{ ok: true }> {
  if (!(await deletePlan(await database(), id))) throw gone();
  return { ok: true };
}

/** A plan as an open document: its rig laid in as it stands, with its tuning. */
export async function wholePlan(id: string): Promise<Plan> {
  const db = await database();
  const record = await getPlan(db, id);
  const open = record && (await openRig(record.rigId));
  if (!record || !open) throw gone();
  return planSchema.parse({ ...record.doc, rig: tuned(open.record.doc, open.tuning) });
}
