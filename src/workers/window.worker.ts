/// <reference lib="webworker" />
import { windowCurve } from '@/core/engine/windowCurve';
import type { WindowAnswer, WindowRequest } from './protocol';

declare const self: DedicatedWorkerGlobalScope;

self.onmessage = (event: MessageEvent<WindowRequest>) => {
  const { id, rig, points } = event.data;
  const start = performance.now();
  let answer: WindowAnswer;
  try {
    answer = { id, ok: true, curve: windowCurve(rig, points), ms: performance.now() - start };
  } catch (e) {
    answer = { id, ok: false, fault: String(e) };
  }
  self.postMessage(answer);
};
