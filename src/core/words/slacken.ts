import type { Rig } from '../documents/rig';
import type { Evaluation } from '../engine/evaluation';
import { stretchAt, takeUpAt } from '../engine/takeUp';
import type { Say } from './say';

/** How each take-up is let go for storage: what is stretched for weeks creeps. Common practice, no source. */
const HOW: Readonly<Record<Rig['tension']['kind'], string>> = {
  spring: 'Turn the take-up back until the spring hangs loose',
  weight: 'Hang the weight off and lay it down',
  flex: 'Hold the frame in, take one end of the wire off and let the frame stand free',
  rubber: 'Take the bands off, out of the light',
  fixed: 'Turn the screw back until the wire just hangs',
};

/** How a rig's wire is slackened for storage, and what it is set to again, by the gauge and by ear. */
export function slackenWords(e: Evaluation, say: Say): { readonly slacken: string; readonly again: string } {
  const { kind } = e.s.rig.tension;
  const { takeUp, coldN, pluckHz } = e.tension;
  const gives =
    kind === 'spring' ? takeUpAt(takeUp.holder, coldN) : kind === 'flex' ? stretchAt(takeUp.holder, coldN) : 0;
  const back = gives * 1000;
  return {
    slacken: `${HOW[kind]}${back > 0 ? `, about ${say(back, 'depth')} back` : ''}. What stays stretched for weeks creeps.`,
    again: `Before it is heated again: ${say(coldN, 'force')} cold, a note of ${say(pluckHz, 'pitch')} when plucked.`,
  };
}
