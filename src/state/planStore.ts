'use client';
import { faultsOf } from '@/core/documents/faults';
import { piecePlanSchema, type PiecePlan } from '@/core/documents/plan';
import { merge } from '@/core/engine/merge';
import type { PlanRecord } from '@/server/types';
import { createDocumentStore, type DocumentState, type Point } from './documentStore';
import { planServer, savedPlanAnswer } from './server/plans';

interface SavedPlan {
  readonly record: PlanRecord;
}
interface PlanOwn {
  readonly id: string;
  /** Lays a patch over the plan; answers with the rule that refuses it, or null. */
  readonly edit: (label: string, patch: Readonly<Record<string, unknown>>) => string | null;
}
export type PlanState = Point<PiecePlan> & DocumentState<Point<PiecePlan>, SavedPlan> & PlanOwn;

/** The store of one plan: its document, edits with undo, saving. */
export function createPlanStore(record: PlanRecord) {
  return createDocumentStore<Point<PiecePlan>, SavedPlan, PlanOwn>(
    {
      first: { doc: record.doc },
      revision: record.revision,
      answer: savedPlanAnswer,
      send: (base, { doc }) => planServer.save(record.id, { base, doc }),
      pointOf: (theirs) => ({ doc: theirs.record.doc }),
      stands: ({ doc }) => piecePlanSchema.safeParse(doc).success,
    },
    (get) => ({
      id: record.id,
      edit: (label, patch) => {
        const parsed = piecePlanSchema.safeParse(mergedPlan(get().doc, patch));
        if (!parsed.success) return faultsOf(parsed.error)[0]!.message;
        get().take(label, { doc: parsed.data });
        return null;
      },
    }),
  );
}
export type PlanStore = ReturnType<typeof createPlanStore>;

type Loose = Readonly<Record<string, unknown>>;

/** A patch over a plan; of what has kinds (sections, ways of driving) a new one takes the whole place of the old. */
export function mergedPlan(doc: PiecePlan, patch: Loose): unknown {
  const out = merge(doc as unknown as Loose, patch) as Loose;
  const piece = out['piece'] as Loose;
  const touched = patch['piece'] as Loose | undefined;
  const end = (name: string) => {
    const section = (touched?.[name] as Loose | undefined)?.['section'];
    return section ? { ...(piece[name] as Loose), section } : piece[name];
  };
  return {
    ...out,
    ...(patch['method'] ? { method: patch['method'] } : {}),
    piece: { ...piece, root: end('root'), tip: end('tip') },
  };
}
