/// <reference lib="webworker" />
import { SectionFault } from '@/formats/section/outline';
import { readSection } from '@/formats/section/readSection';
import type { SectionAnswer, SectionRequest } from './protocol';

declare const self: DedicatedWorkerGlobalScope;

self.onmessage = (event: MessageEvent<SectionRequest>) => {
  const { text, toleranceMm } = event.data;
  let answer: SectionAnswer;
  try {
    answer = { ok: true, file: readSection(text, toleranceMm) };
  } catch (e) {
    answer = { ok: false, fault: e instanceof SectionFault ? e.message : 'cannot be read as a section' };
  }
  self.postMessage(answer);
};
