import { signedArea } from '../../../numeric/polyline';
import { HANDLING_S } from '../cut';
import { finding, heatStep, only, reads, step, withFoam, type JobWork } from '../work';

/** A cut-out without a way in: the wire is let go, threaded and hung again. MACHINES.md section 2. */
export const cutout: JobWork<'cutout'> = {
  use: (job, rig) => withFoam(rig, job.thickMm, null),
  most: null,
  work: (job, c) => {
    const inset = c.kerf / 2;
    const path = lengthRound(job.outline);
    const xs = job.outline.map((p) => p[0]);
    const ys = job.outline.map((p) => p[1]);
    const narrow = Math.min(Math.max(...xs) - Math.min(...xs), Math.max(...ys) - Math.min(...ys));
    const { coldN, pluckHz } = c.e.tension;
    const left = c.rig.tension.travelMm;
    return {
      values: {
        insetMm: inset,
        pathMm: path,
        areaMm2: Math.abs(signedArea(job.outline)),
        tensionN: coldN,
        pluckHz,
        takeUpMm: left,
      },
      steps: [
        step('template-smaller', {
          insetMm: inset,
          thickMm: job.thickMm,
          below: job.thickMm > 50 ? 'yes' : 'no',
        }),
        step('let-go', { tensionN: coldN, pluckHz, takeUpMm: left }),
        step('pierce'),
        step('hang-again', { tensionN: coldN, pluckHz }, reads(coldN, 'N', Math.max(1, 0.05 * coldN))),
        heatStep(c),
        step(
          'cut-inside',
          { seconds: path / c.feed, feedMmS: c.feed },
          reads(path / c.feed, 's', (0.1 * path) / c.feed),
        ),
        step('power-off'),
      ],
      parts: [{ name: 'cut-out', atMm: null, lengthMm: path, board: null }],
      timeS: c.warmUpS + 3 * HANDLING_S + path / c.feed,
      findings: only(
        narrow < 4 * c.kerf && finding('cut-out-too-small', 'stop', { narrowMm: narrow, leastMm: 4 * c.kerf }),
      ),
    };
  },
};

function lengthRound(outline: readonly (readonly [number, number])[]): number {
  let sum = 0;
  for (let i = 0; i < outline.length; i++) {
    const [a, b] = [outline[i]!, outline[(i + 1) % outline.length]!];
    sum += Math.hypot(b[0] - a[0], b[1] - a[1]);
  }
  return sum;
}
