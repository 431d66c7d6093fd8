'use client';
import { useEffect, useRef, useState, type RefObject } from 'react';

/** Width of an element in whole px, followed as it changes; `first` until it is known. */
export function useWidth(first: number): [RefObject<HTMLDivElement | null>, number] {
  const ref = useRef<HTMLDivElement>(null);
  const [width, setWidth] = useState(first);
  useEffect(() => {
    const el = ref.current;
    if (!el) return;
    const observer = new ResizeObserver(() => setWidth(Math.max(200, Math.round(el.clientWidth))));
    observer.observe(el);
    return () => observer.disconnect();
  }, []);
  return [ref, width];
}
