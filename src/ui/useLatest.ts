import { useLayoutEffect, useRef, type RefObject } from 'react';

/** What was last drawn with, for a listener that is set once: it never calls what an earlier drawing left behind. */
export function useLatest<T>(value: T): RefObject<T> {
  const latest = useRef(value);
  useLayoutEffect(() => {
    latest.current = value;
  });
  return latest;
}
