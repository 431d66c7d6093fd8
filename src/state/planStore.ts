'use client';
import { createStore } from 'zustand/vanilla';
import { faultsOf } from '@/core/documents/faults';
import { piecePlanSchema, type PiecePlan } from '@/core/documents/plan';
import { merge } from '@/core/engine/merge';
import type { PlanRecord } from '@/server/types';
import { server } from './server';
import { Saver, type SaveState } from './saver';

interface Step {
  readonly doc: PiecePlan;
  readonly label: string;
  readonly at: number;
}
/** The store of one plan: its document, edits with undo, saving. */
export interface PlanState {
  readonly id: string;
  readonly doc: PiecePlan;
  readonly past: readonly Step[];
  readonly future: readonly Step[];
  readonly save: SaveState;
  readonly theirs: PlanRecord | null;
  /** Why the last save was refused. */
  readonly problem: string | null;
  /** Lays a patch over the plan; answers with the rule that refuses it, or null. */
  readonly edit: (label: string, patch: Readonly<Record<string, unknown>>) => string | null;
  readonly undo: () => void;
  readonly redo: () => void;
  readonly takeTheirs: () => void;
  readonly keepMine: () => void;
}

const MERGE_MS = 1000;
const MOST_STEPS = 200;

export function createPlanStore(record: PlanRecord) {
  const store = createStore<PlanState>()((set, get) => {
    const change = (doc: PiecePlan) => {
      set({ doc });
      saver.change();
    };
    return {
      id: record.id,
      doc: record.doc,
      past: [],
      future: [],
      save: 'saved',
      theirs: null,
      problem: null,
      edit: (label, patch) => {
        const parsed = piecePlanSchema.safeParse(mergedPlan(get().doc, patch));
        if (!parsed.success) return faultsOf(parsed.error)[0]!.message;
        const { doc, past } = get();
        const last = past[past.length - 1];
        const now = Date.now();
        const goesOn = last?.label === label && now - last.at < MERGE_MS;
        set({
          past: goesOn
            ? [...past.slice(0, -1), { ...last, at: now }]
            : [...past, { doc, label, at: now }].slice(-MOST_STEPS),
          future: [],
        });
        change(parsed.data);
        return null;
      },
      undo: () => {
        const { past, future, doc } = get();
        const last = past[past.length - 1];
        if (!last) return;
        set({ past: past.slice(0, -1), future: [...future, { doc, label: last.label, at: 0 }] });
        change(last.doc);
      },
      redo: () => {
        const { past, future, doc } = get();
        const next = future[future.length - 1];
        if (!next) return;
        set({ future: future.slice(0, -1), past: [...past, { doc, label: next.label, at: 0 }] });
        change(next.doc);
      },
      takeTheirs: () => {
        const { theirs } = get();
        if (!theirs) return;
        set({ doc: theirs.doc, theirs: null });
        saver.resume(theirs.revision, false);
      },
      keepMine: () => {
        const { theirs } = get();
        if (!theirs) return;
        set({ theirs: null });
        saver.resume(theirs.revision, true);
      },
    };
  });
  const saver: Saver<{ record: PlanRecord }> = new Saver(record.revision, {
    send: (base) => server.savePlan(record.id, { base, doc: store.getState().doc }),
    onState: (save) => store.setState({ save, ...(save === 'saved' ? { problem: null } : {}) }),
    onSaved: () => {},
    onConflict: (theirs) => store.setState({ theirs: theirs.record }),
    onRefused: (problem) => store.setState({ problem }),
  });
  return { store, saver };
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
