/// <reference lib="webworker" />
import { motionOf, replayOf } from '@/core/engine/motion/motion';
import { motionView, playView } from '@/core/engine/motion/view';
import { CoreFault } from '@/core/numeric/fault';
import type { MotionAnswer, MotionRequest } from './protocol';

declare const self: DedicatedWorkerGlobalScope;

self.onmessage = (event: MessageEvent<MotionRequest>) => {
  const { id, ask } = event.data;
  let answer: MotionAnswer;
  try {
    if (ask.kind === 'path') {
      const motion = motionOf(ask.job, ask.rig, ask.day);
      answer = { id, ok: true, path: motionView(motion), replay: null };
    } else {
      const { figures, played, cutting } = replayOf(ask.replay);
      const play = playView(played, cutting, ask.replay.blockMm);
      answer = { id, ok: true, path: null, replay: { figures, play } };
    }
  } catch (e) {
    answer = { id, ok: false, fault: e instanceof CoreFault ? `${e.field} ${e.rule}` : String(e) };
  }
  self.postMessage(answer);
};
