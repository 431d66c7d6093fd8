import type { z } from 'zod';
import type { Outcome } from './api';
import type { Saved, SaveState } from './saver';

/** What undo brings back: the document, and what of its record changes with it. */
export interface Point<T> {
  readonly doc: T;
}
export type Step<P> = P & { readonly label: string; readonly at: number };

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
