/// <reference lib="webworker" />
import { cutOn } from '@/core/engine/jobs/worksheet';
import { CoreFault } from '@/core/numeric/fault';
import type { JobAnswer, JobRequest } from './protocol';

declare const self: DedicatedWorkerGlobalScope;

self.onmessage = (event: MessageEvent<JobRequest>) => {
  const { id, job, rig } = event.data;
  let answer: JobAnswer;
  try {
    answer = { id, ok: true, sheet: cutOn(job, rig).sheet };
  } catch (e) {
    answer = { id, ok: false, fault: e instanceof CoreFault ? `${e.field} ${e.rule}` : String(e) };
  }
  self.postMessage(answer);
};
