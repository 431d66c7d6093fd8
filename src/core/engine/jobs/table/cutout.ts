import { signedArea } from '../../../numeric/polyline';
import type { JobOf } from '../../../documents/job';
import { HANDLING_S } from '../cut';
import {
  finding,
  heatStep,
  tableHeat,
  only,
  reads,
  readsTime,
  step,
  withFoam,
  type JobWork,
  type KnownCut,
} from '../work';

/** Thicker foam wants a second template below, mm. MACHINES.md section 2. */
const ONE_TEMPLATE_MM = 50;
/** A hole this many kerfs across has no room for a wire that is led along a template, and a piece of fewer melts through. Ours. */
const LEAST_KERFS = { hole: 4, piece: 2 } as const;

/**
 * A cut-out without a way in, whose wire is let go, threaded and hung again, or a free shape led along a template from the block's
 * edge: MACHINES.md section 2. The wire rides with its surface on the template, so that a template's opening is smaller than the hole
 * by (w − d)/2 all round, and a piece's template larger than the piece by as much; the wire's axis runs w/2 off the edge either way.
 */
export const cutout: JobWork<'cutout'> = {
  use: (job, rig) => withFoam(rig, job.thickMm, null),
  most: null,
  work: (job, c) => {
    const path = lengthRound(job.outline);
    const xs = job.outline.map((p) => p[0]);
    const ys = job.outline.map((p) => p[1]);
    const narrow = Math.min(Math.max(...xs) - Math.min(...xs), Math.max(...ys) - Math.min(...ys));
    const least = LEAST_KERFS[job.keep] * c.kerf;
    const { coldN, pluckHz } = c.e.tension;
    const values = {
      insetMm: c.kerf / 2,
      templateMm: (c.kerf - c.d) / 2,
      pathMm: path,
      areaMm2: Math.abs(signedArea(job.outline)),
    };
    const below = job.thickMm > ONE_TEMPLATE_MM ? 'yes' : 'no';
    const template = { templateMm: values.templateMm, thickMm: job.thickMm, below };
    const seconds = path / c.feed;
    const hole = job.keep === 'hole';
    return {
      values: hole ? { ...values, tensionN: coldN, pluckHz, takeUpMm: c.rig.tension.travelMm } : values,
      steps: hole
        ? [
            step('template-smaller', template),
            ...threaded(c),
            heatStep(c),
            step('cut-inside', { seconds, feedMmS: c.feed }, readsTime(seconds)),
            step('power-off'),
          ]
        : [
            step('template-larger', template),
            ...tableHeat(c),
            step('cut-round', { seconds, feedMmS: c.feed }, readsTime(seconds)),
            step('power-off'),
          ],
      parts: [{ name: hole ? 'cut-out' : 'piece', atMm: null, lengthMm: path, board: null }],
      timeS: c.warmUpS + (hole ? 3 : 1) * HANDLING_S + seconds,
      findings: only(
        narrow < least &&
          finding(hole ? 'cut-out-too-small' : 'piece-too-small', 'stop', { narrowMm: narrow, leastMm: least }),
      ),
    };
  },
};

/** The wire let go, threaded through the block, and hung again at the tension that it had. */
function threaded(c: KnownCut) {
  const { coldN, pluckHz } = c.e.tension;
  return [
    step('let-go', { tensionN: coldN, pluckHz, takeUpMm: c.rig.tension.travelMm }),
    step('pierce'),
    step('hang-again', { tensionN: coldN, pluckHz }, reads(coldN, 'N', Math.max(1, 0.05 * coldN))),
  ];
}

function lengthRound(outline: JobOf<'cutout'>['outline']): number {
  let sum = 0;
  for (let i = 0; i < outline.length; i++) {
    const [a, b] = [outline[i]!, outline[(i + 1) % outline.length]!];
    sum += Math.hypot(b[0] - a[0], b[1] - a[1]);
  }
  return sum;
}
