'use client';
import type { z } from 'zod';
import { createStore } from 'zustand/vanilla';
import type { Outcome } from './api';
import { LOOK_ONLY, mayWork } from './right';
import { rebased } from './rebase';
import { Saver, type Saved, type SaveState } from './saver';

/** What undo brings back: the document, and what of its record changes with it. */
export interface Point<T> {
  readonly doc: T;
}
type Step<P> = P & { readonly label: string; readonly at: number };

/** What every open document has, beside its point: its past and future, how its saving stands, and another's save. */
export interface DocumentState<P, S> {
  readonly past: readonly Step<P>[];
  readonly future: readonly Step<P>[];
  readonly save: SaveState;
  /** Why the last save was refused. */
  readonly problem: string | null;
  /** What another window saved first; the reader settles it. */
  readonly theirs: S | null;
  /** Takes a changed point as an edit: one step of undo, by its label, and a save. */
  readonly take: (label: string, next: P) => void;
  readonly undo: () => void;
  readonly redo: () => void;
  readonly settle: (keep: 'mine' | 'theirs') => void;
}

/** What one kind of document is made of: what is undone, how it is sent, and what an answer of the server holds. */
export interface DocumentKind<P, S extends Saved> {
  readonly first: P;
  readonly revision: number;
  readonly send: (base: number, point: P) => Promise<Outcome<S>>;
  /** Reads an answer that came with a refusal: what another window saved. */
  readonly answer: z.ZodType<S>;
  /** The point that an answer holds. */
  readonly pointOf: (answer: S) => P;
  /** After each change, before it is saved. */
  readonly onChange?: (next: P, was: P) => void;
  readonly onSaved?: (answer: S) => void;
  /** When the other's save was taken. */
  readonly onTheirs?: (theirs: S) => void;
  /** Whether a point could stand: a step of undo that no longer could is dropped. */
  readonly stands?: (point: P) => boolean;
}

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
  /**
   * Takes what was saved elsewhere, where nothing of this page waits to be saved and nothing is asked: false otherwise, or where it is no
   * newer. Steps of undo bring back what this page changed, not what the other did.
   */
  const follow = (answer: S): boolean => {
    const { theirs, past, future } = store.getState();
    if (saver.open || theirs || answer.record.revision <= saver.revision) return false;
    const was = pick(store.getState() as P, keys);
    const next = kind.pointOf(answer);
    const kept = (steps: readonly Step<P>[]) =>
      steps
        .map((s) => ({ ...s, ...rebased(pick(s as P, keys), was, next) }))
        .filter((s) => kind.stands?.(s) ?? true);
    part({ past: kept(past), future: kept(future), problem: null });
    store.setState({ ...next } as unknown as Partial<State>);
    kind.onTheirs?.(answer);
    saver.resume(answer.record.revision, false);
    return true;
  };
  return { store, saver, follow };
}

function pick<P>(from: P, keys: readonly (keyof P)[]): P {
  return Object.fromEntries(keys.map((key) => [key, from[key]])) as P;
}
