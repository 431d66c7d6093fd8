/// <reference lib="webworker" />
import { motionOf } from '@/core/engine/motion/motion';
import { reenterCode, replayOf } from '@/core/engine/motion/replay';
import { motionView, playView, standsOf } from '@/core/engine/motion/view';
import { CoreFault } from '@/core/numeric/fault';
import type { MotionAnswer, MotionRequest } from './protocol';

declare const self: DedicatedWorkerGlobalScope;

self.onmessage = (event: MessageEvent<MotionRequest>) => {
  const { id, ask } = event.data;
  let answer: MotionAnswer;
  const none = { id, ok: true, path: null, replay: null, reentry: null } as const;
  try {
    if (ask.kind === 'path') answer = { ...none, path: motionView(motionOf(ask.job, ask.rig, ask.day)) };
    else if (ask.kind === 'reenter')
      answer = { ...none, reentry: reenterCode(ask.replay, ask.row, ask.marginMm) };
    else {
      const { figures, played, cutting, h } = replayOf(ask.replay);
      const play = playView(played, cutting, ask.replay.blockMm);
      answer = { ...none, replay: { figures, play, stands: standsOf(h) } };
    }
  } catch (e) {
    answer = { id, ok: false, fault: e instanceof CoreFault ? `${e.field} ${e.rule}` : String(e) };
  }
  self.postMessage(answer);
};
