import type { StoreApi } from 'zustand';
import type { DocumentKind, DocumentState, Point, Step } from './documentTypes';
import { rebased } from './rebase';
import type { Saved, Saver } from './saver';

/** What one open document is made of. */
interface Open<P, S extends Saved> {
  readonly store: Pick<StoreApi<P & DocumentState<P, S>>, 'getState' | 'setState'>;
  readonly saver: Saver<S>;
  readonly kind: DocumentKind<P, S>;
  readonly keys: readonly (keyof P)[];
}

/**
 * Takes what was saved elsewhere, where nothing of this page waits to be saved and nothing is asked: false otherwise, or where it is no
 * newer. Steps of undo bring back what this page changed, not what the other did.
 */
export function followIn<P extends Point<unknown>, S extends Saved>(
  { store, saver, kind, keys }: Open<P, S>,
  answer: S,
): boolean {
  const state = store.getState();
  if (saver.open || state.theirs || answer.record.revision <= saver.revision) return false;
  const part = (s: Partial<P> | Partial<DocumentState<P, S>>) =>
    store.setState(s as Partial<P & DocumentState<P, S>>);
  const pointOf = (of: P): P => Object.fromEntries(keys.map((key) => [key, of[key]])) as unknown as P;
  const was = pointOf(state);
  const next = kind.pointOf(answer);
  const kept = (steps: readonly Step<P>[]) =>
    steps.map((s) => ({ ...s, ...rebased(pointOf(s), was, next) })).filter((s) => kind.stands?.(s) ?? true);
  part({ past: kept(state.past), future: kept(state.future), problem: null });
  part(next);
  kind.onTheirs?.(answer);
  saver.resume(answer.record.revision, false);
  return true;
}
