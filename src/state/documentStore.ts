'use client';
import { createStore } from 'zustand/vanilla';
import { LOOK_ONLY, mayWork } from './right';
import type { DocumentKind, DocumentState, Point } from './documentTypes';
import { Saver, type Saved } from './saver';

export type { DocumentState, Point };

/** Edits of one label within this time are one step of undo, ms. */
const MERGE_MS = 1000;
const MOST_STEPS = 500;

/**
 * The store of one open document of any kind: edits with undo, saving, a conflict and a refusal. `more` adds what only this
 * kind can do. The document is never changed in place.
 */
export function createDocumentStore<P extends Point<unknown>, S extends Saved, X extends object>(
  kind: DocumentKind<P, S>,
  more: (get: () => P & DocumentState<P, S> & X, saver: () => Saver<S>) => X,
) {
  type State = P & DocumentState<P, S> & X;
  const keys = Object.keys(kind.first) as (keyof P)[];
  const store = createStore<State>()((set, get) => {
    const part = (s: Partial<DocumentState<P, S>>) => set(s as Partial<State>);
    const put = (next: P) => set({ ...next } as unknown as Partial<State>);
    const now = (): P => pick(get(), keys);
    const change = (next: P) => {
      const was = now();
      put(next);
      kind.onChange?.(next, was);
      saver.change();
    };
    const base: DocumentState<P, S> = {
      past: [],
      future: [],
      save: 'saved',
      problem: null,
      theirs: null,
      take: (label, next) => {
        if (!mayWork()) return part({ problem: LOOK_ONLY });
        const { past } = get();
        const last = past[past.length - 1];
        const at = Date.now();
        const goesOn = last?.label === label && at - last.at < MERGE_MS;
        part({
          past: goesOn
            ? [...past.slice(0, -1), { ...last, at }]
            : [...past, { ...now(), label, at }].slice(-MOST_STEPS),
          future: [],
        });
        change(next);
      },
      undo: () => {
        const { past, future } = get();
        const last = past[past.length - 1];
        if (!last) return;
        part({ past: past.slice(0, -1), future: [...future, { ...now(), label: last.label, at: 0 }] });
        change(pick(last, keys));
      },
      redo: () => {
        const { past, future } = get();
        const next = future[future.length - 1];
        if (!next) return;
        part({ future: future.slice(0, -1), past: [...past, { ...now(), label: next.label, at: 0 }] });
        change(pick(next, keys));
      },
      settle: (keep) => {
        const { theirs, past } = get();
        if (!theirs) return;
        if (keep === 'theirs') {
          part({ past: [...past, { ...now(), label: 'take the other save', at: 0 }], future: [] });
          put(kind.pointOf(theirs));
          kind.onTheirs?.(theirs);
        }
        part({ theirs: null });
        saver.resume(theirs.record.revision, keep === 'mine');
      },
    };
    return { ...kind.first, ...base, ...more(get, () => saver) };
  });
  const part = (s: Partial<DocumentState<P, S>>) => store.setState(s as Partial<State>);
  const saver: Saver<S> = new Saver<S>(kind.revision, {
    send: (base) => kind.send(base, pick(store.getState(), keys)),
    onState: (save) => part(save === 'saved' ? { save, problem: null } : { save }),
    onSaved: (answer) => kind.onSaved?.(answer),
    onConflict: (theirs) => part({ theirs }),
    theirs: (body) => kind.answer.safeParse(body).data ?? null,
    onRefused: (problem) => part({ problem }),
  });
  /** Takes what was saved elsewhere, where nothing of this page waits. Fetched when there is such a save. */
  const follow = async (answer: S): Promise<boolean> => {
    const { followIn } = await import('./follow');
    return followIn({ store, saver, kind, keys }, answer);
  };
  return { store, saver, follow };
}

function pick<P>(from: P, keys: readonly (keyof P)[]): P {
  return Object.fromEntries(keys.map((key) => [key, from[key]])) as P;
}
