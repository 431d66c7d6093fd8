'use client';
import { useSyncExternalStore } from 'react';

const ASKED = '(prefers-reduced-motion: reduce)';
const hear = (change: () => void) => {
  const m = window.matchMedia(ASKED);
  m.addEventListener('change', change);
  return () => m.removeEventListener('change', change);
};

/** Whether the reader asked for less motion. */
export const useStillness = (): boolean =>
  useSyncExternalStore(
    hear,
    () => window.matchMedia(ASKED).matches,
    () => false,
  );
