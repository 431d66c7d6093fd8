'use client';
import type { SectionAnswer, SectionRequest } from '@/workers/protocol';
import { askOnce } from '@/workers/run';
import { asPort } from './useWorker';

const DEADLINE_MS = 10_000;

const make = () =>
  asPort<SectionRequest, SectionAnswer>(
    new Worker(new URL('../workers/section.worker.ts', import.meta.url), { type: 'module' }),
  );

/** Reads a section file in a worker of its own, stopped when it takes too long. */
export async function readSectionFile(request: SectionRequest): Promise<SectionAnswer> {
  const answer = await askOnce<SectionRequest, SectionAnswer>(request, { make, deadlineMs: DEADLINE_MS });
  if (answer === 'late') return { ok: false, fault: 'took too long to read and was stopped' };
  return answer === 'fell' ? { ok: false, fault: 'cannot be read as a section' } : answer;
}
