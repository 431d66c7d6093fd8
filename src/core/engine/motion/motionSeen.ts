import type { Job } from '../../documents/job';
import { drafts, figuresOf } from '../drafts';
import type { JobCut } from '../jobs/cut';
import { atFeedOf } from '../template/heat';
import { cuttingOf } from './cutting';
import type { Found } from './judged';
import { stretchSeen, type Block, type Played } from './play';
import { blockCut } from './motionCut';

/** A rig that must not be powered is told, whatever it is to cut. */
export function rigStops(found: Found, cut: JobCut): void {
  const stop = drafts(cut.e).find((d) => d.level === 'stop');
  if (stop) {
    const { code, values } = figuresOf(stop);
    found.add('rig-stopped', 'stop', null, { ...values, code });
  }
}

/** The wire's change of length between the towers against what its take-up gives. */
export function stretches(found: Found, p: Played, rig: Job['rig']): void {
  const by = p.wireMm[1] - p.wireMm[0];
  const travel = rig.tension.travelMm;
  if (by > 0.5 && (travel === null || by > travel))
    found.add('wire-stretches', travel === null ? 'note' : 'fix', null, { by, travel });
}

/** The wire at any feed and the kerfs of a played program, with the slant that its ends have in the foam. */
export function seenFrom(p: Played, block: Block, rig: Job['rig']) {
  const stretch = stretchSeen(p, block);
  const cut = blockCut(block, rig, stretch);
  const h = atFeedOf(cut.e, stretch);
  return { cut, h, cutting: h && cuttingOf(p, h) };
}
