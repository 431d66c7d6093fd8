'use client';
import type { FontWeight, TextAnswer, TextRequest } from '@/workers/protocol';
import { asPort, useWorker } from './useWorker';

const DEADLINE_MS = 15_000;
const make = () =>
  asPort<TextRequest, TextAnswer>(
    new Worker(new URL('../workers/text.worker.ts', import.meta.url), { type: 'module' }),
  );

/** Letters as outlines, drawn in a worker; null until there are some. */
export function useTextLoops(text: string, capsMm: number, weight: FontWeight) {
  const { good, refused, late } = useWorker<TextRequest, TextAnswer>(
    make,
    { text, capsMm, weight },
    [text, capsMm, weight],
    DEADLINE_MS,
  );
  return {
    loops: good?.loops ?? null,
    lacking: good?.lacking ?? [],
    fault: late ? 'The letters took too long.' : refused,
  };
}
