/// <reference lib="webworker" />
import { ledOut } from '@/core/engine/call/led';
import { planOut } from '@/core/engine/template/template';
import { viewOf } from '@/core/engine/template/view';
import { CoreFault } from '@/core/numeric/fault';
import type { PlanAnswer, PlanRequest } from './protocol';

declare const self: DedicatedWorkerGlobalScope;

self.onmessage = (event: MessageEvent<PlanRequest>) => {
  const { id, plan, led } = event.data;
  let answer: PlanAnswer;
  const from = performance.now();
  try {
    const out = planOut(plan);
    answer = { id, ok: true, view: viewOf(out), led: ledOut(out, led), ms: performance.now() - from };
  } catch (e) {
    answer = { id, ok: false, fault: e instanceof CoreFault ? `${e.field} ${e.rule}` : String(e) };
  }
  self.postMessage(answer);
};
