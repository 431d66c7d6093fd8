'use client';
import { lazy, Suspense, useState, useSyncExternalStore, type ComponentType, type ReactNode } from 'react';
import { Boundary } from './Boundary';

/** A part that fails quietly is asked for again after this, where it does not come, ms. */
const AGAIN_MS = 5_000;

interface How {
  /** Stands in its place until it has come. */
  readonly waiting?: ReactNode;
  /**
   * Where its failure is said: in its place, unless it has an `onClose` and so stands over the page: then at the foot of the
   * window. Left to the column, or to whatever boundary is around it; or nowhere, and it is asked for until it comes.
   */
  readonly fails?: 'here' | 'foot' | 'column' | 'quietly';
}

const never = () => () => {};

/**
 * A part of a page that is fetched when it is first drawn, in the browser only. One that did not come is asked for anew when it is
 * drawn anew; the framework's own loader keeps the first failure for as long as the page stands.
 */
export function later<P extends object>(
  load: () => Promise<ComponentType<P>>,
  how: How = {},
): ComponentType<P> {
  const { waiting = null, fails } = how;
  const fetched = (): Promise<ComponentType<P>> =>
    fails === 'quietly'
      ? load().catch(() => new Promise((then) => setTimeout(then, AGAIN_MS)).then(fetched))
      : load();
  const anew = () =>
    lazy(async () => {
      try {
        return { default: await fetched() };
      } catch (e) {
        part = anew();
        throw e;
      }
    });
  let part = anew();

  function Drawn(p: P) {
    const [Part] = useState(() => part);
    const onServer = useSyncExternalStore(
      never,
      () => false,
      () => true,
    );
    if (onServer) return waiting;
    return (
      <Suspense fallback={waiting}>
        <Part {...p} />
      </Suspense>
    );
  }

  return function Later(p: P) {
    if (fails === 'column') return <Drawn {...p} />;
    const onClose = 'onClose' in p && typeof p.onClose === 'function' ? (p.onClose as () => void) : undefined;
    return (
      <Boundary foot={fails === 'foot' || onClose !== undefined} quiet={fails === 'quietly'} onClose={onClose}>
        <Drawn {...p} />
      </Boundary>
    );
  };
}
