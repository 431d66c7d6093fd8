/// <reference lib="webworker" />
import { alongReport } from '@/core/engine/along';
import type { AlongAnswer, AlongRequest } from './protocol';

declare const self: DedicatedWorkerGlobalScope;

self.onmessage = (event: MessageEvent<AlongRequest>) => {
  const { id, rig, chill } = event.data;
  let answer: AlongAnswer;
  try {
    answer = { id, ok: true, report: alongReport(rig, chill) };
  } catch (e) {
    answer = { id, ok: false, fault: String(e) };
  }
  self.postMessage(answer);
};
