/// <reference lib="webworker" />
import { planOut } from '@/core/engine/template/template';
import { viewOf } from '@/core/engine/template/view';
import { CoreFault } from '@/core/numeric/fault';
import type { PlanAnswer, PlanRequest } from './protocol';

declare const self: DedicatedWorkerGlobalScope;

self.onmessage = (event: MessageEvent<PlanRequest>) => {
  const { id, plan } = event.data;
  let answer: PlanAnswer;
  const from = performance.now();
  try {
    answer = { id, ok: true, view: viewOf(planOut(plan)), ms: performance.now() - from };
  } catch (e) {
    answer = { id, ok: false, fault: e instanceof CoreFault ? `${e.field} ${e.rule}` : String(e) };
  }
  self.postMessage(answer);
};
