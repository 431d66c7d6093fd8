/// <reference lib="webworker" />
import { estimates } from '@/core/engine/estimates';
import type { EstimateAnswer, EstimateRequest } from './protocol';

declare const self: DedicatedWorkerGlobalScope;

const say = (a: EstimateAnswer) => self.postMessage(a);

self.onmessage = (event: MessageEvent<EstimateRequest>) => {
  try {
    const steps = estimates(event.data.cuts);
    for (;;) {
      const s = steps.next();
      if (s.done) return say({ tell: 'done', estimates: s.value });
      say({ tell: 'progress', done: s.value });
    }
  } catch (e) {
    say({ tell: 'fault', fault: String(e) });
  }
};
