'use client';
import { createStore } from 'zustand/vanilla';
import type { LoggedCut } from '@/core/documents/log';
import type { Rig } from '@/core/documents/rig';
import type { Tuning } from '@/core/engine/tune';
import type { CutRecord, RigLinks } from '@/server/types';
import type { Logged, OpenRig } from '@/server/types';
import { inWords, type Outcome } from './api';
import { server } from './server';
import type { Edited } from './edit';
import { Saver, type SaveState } from './saver';

/** What undo brings back. */
interface Point {
  readonly doc: Rig;
  readonly links: RigLinks;
}
interface Step extends Point {
  readonly label: string;
  readonly at: number;
}

export interface RigState {
  readonly id: string;
  readonly doc: Rig;
  readonly links: RigLinks;
  readonly cuts: readonly CutRecord[];
  readonly tuning: Tuning;
  readonly demo: boolean;
  readonly past: readonly Step[];
  readonly future: readonly Step[];
  readonly save: SaveState;
  readonly problem: string | null;
  readonly theirs: OpenRig | null;
  /** Does a command: a label for undo, and the changed document. A refused one changes nothing. */
  readonly edit: (label: string, edited: Edited, links?: Partial<RigLinks>) => boolean;
  readonly undo: () => void;
  readonly redo: () => void;
  readonly settle: (keep: 'mine' | 'theirs') => void;
  readonly logCut: (cut: LoggedCut) => Promise<Outcome<Logged>>;
  readonly dropCut: (id: string) => Promise<string | null>;
}

const MERGE_MS = 1000;
const MOST_STEPS = 500;

const linksOf = (r: RigLinks): RigLinks => ({
  foamStockId: r.foamStockId,
  spoolId: r.spoolId,
  supplyId: r.supplyId,
});

/** The store of one open rig: its document, commands with undo, and saving. Readings are derived from it. */
export function createRigStore(open: OpenRig) {
  const store = createStore<RigState>()((set, get) => {
    const change = (next: Point) => {
      const pair =
        next.links.foamStockId !== get().links.foamStockId || next.links.spoolId !== get().links.spoolId;
      set({ doc: next.doc, links: next.links });
      if (pair) refetchTuning = true;
      saver.change();
    };
    return {
      id: open.record.id,
      doc: open.record.doc,
      links: linksOf(open.record),
      cuts: open.cuts,
      tuning: open.tuning,
      demo: open.record.demo,
      past: [],
      future: [],
      save: 'saved',
      problem: null,
      theirs: null,
      edit: (label, edited, links) => {
        if (!edited.ok) return false;
        const { doc, links: were, past } = get();
        const next = { doc: edited.doc, links: { ...were, ...links } };
        const last = past[past.length - 1];
        const now = Date.now();
        const goesOn = last?.label === label && now - last.at < MERGE_MS;
        const step = { doc, links: were, label, at: now };
        set({
          past: goesOn ? [...past.slice(0, -1), { ...last, at: now }] : [...past, step].slice(-MOST_STEPS),
          future: [],
        });
        change(next);
        return true;
      },
      undo: () => {
        const { past, future, doc, links } = get();
        const last = past[past.length - 1];
        if (!last) return;
        set({ past: past.slice(0, -1), future: [...future, { doc, links, label: last.label, at: 0 }] });
        change(last);
      },
      redo: () => {
        const { past, future, doc, links } = get();
        const next = future[future.length - 1];
        if (!next) return;
        set({ future: future.slice(0, -1), past: [...past, { doc, links, label: next.label, at: 0 }] });
        change(next);
      },
      settle: (keep) => {
        const { theirs } = get();
        if (!theirs) return;
        if (keep === 'theirs') {
          const { doc, links, past } = get();
          set({
            doc: theirs.record.doc,
            links: linksOf(theirs.record),
            cuts: theirs.cuts,
            tuning: theirs.tuning,
            past: [...past, { doc, links, label: 'take the other save', at: 0 }],
          });
        }
        set({ theirs: null });
        saver.resume(theirs.record.revision, keep === 'mine');
      },
      logCut: async (cut) => {
        saver.flush();
        await settled();
        const answer = await server.logCut(open.record.id, cut);
        if (answer.kind === 'done') set({ cuts: answer.data.open.cuts, tuning: answer.data.open.tuning });
        return answer;
      },
      dropCut: async (id) => {
        const answer = await server.deleteCut(open.record.id, id);
        if (answer.kind !== 'done') return inWords(answer);
        set({ cuts: answer.data.cuts, tuning: answer.data.tuning });
        return null;
      },
    };
  });
  let refetchTuning = false;
  const saver: Saver<OpenRig> = new Saver<OpenRig>(open.record.revision, {
    send: (base) => {
      const { doc, links } = store.getState();
      return server.saveRig(open.record.id, { base, doc, ...links });
    },
    onState: (save) => store.setState({ save, ...(save === 'saved' ? { problem: null } : {}) }),
    onSaved: (answer) => {
      if (refetchTuning) store.setState({ cuts: answer.cuts, tuning: answer.tuning });
      refetchTuning = false;
    },
    onConflict: (theirs) => store.setState({ theirs }),
    onRefused: (problem) => store.setState({ problem }),
  });
  const settled = async () => {
    for (let i = 0; i < 100 && saver.open; i++) await new Promise((r) => setTimeout(r, 50));
  };
  return { store, saver };
}
export type RigStore = ReturnType<typeof createRigStore>;
