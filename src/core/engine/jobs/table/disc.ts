import { coneTop, pinFor } from '../../../physics/making/table';
import { HANDLING_S } from '../cut';
import { finding, tableHeat, only, reads, readsTime, SET_MM, step, type JobWork } from '../work';
import { tiltedRig, tiltSteps, tiltValues } from './tilt';

/** Largest share of the max feed at a rim that is turned by hand. MACHINES.md section 2; common practice, no source. */
export const RIM_SHARE = 0.7;

/** Discs, rings and cones turned on a pin: MACHINES.md section 2. Sizes are diameters of the face on the table. */
export const disc: JobWork<'disc'> = {
  use: (job, rig) => tiltedRig(rig, job.tiltDeg, job.thickMm),
  most: RIM_SHARE,
  work: (job, c) => {
    const outer = job.outerMm / 2;
    const inner = job.innerMm === null ? null : job.innerMm / 2;
    const pin = pinFor(outer, c.kerf, job.tiltDeg, 'disc');
    const holePin = inner === null ? null : pinFor(inner, c.kerf, job.tiltDeg, 'hole');
    const top = coneTop(outer, job.thickMm, job.tiltDeg);
    const turn = (radius: number) => (2 * Math.PI * radius) / c.feed;
    const least = 2 * c.kerf;
    const radii = inner === null ? [outer] : [inner, outer];
    const path = radii.reduce((sum, r) => sum + 2 * Math.PI * r + 10, 0);
    const one = (radius: number, at: number) => [
      step('set-pin', { pinMm: at, radiusMm: radius }, reads(at, 'mm', SET_MM)),
      step('lead-in', { radiusMm: radius }),
      step('turn', { seconds: turn(radius) }, readsTime(turn(radius))),
    ];
    return {
      values: {
        pinMm: pin,
        holePinMm: holePin,
        topRadiusMm: top,
        secondsPerTurn: turn(outer),
        holeSecondsPerTurn: inner === null ? null : turn(inner),
        ...tiltValues(c, job.tiltDeg),
      },
      steps: [
        ...tiltSteps(c, job.tiltDeg, 'pin'),
        ...tableHeat(c),
        ...(inner === null || holePin === null ? [] : [step('hole-first'), ...one(inner, holePin)]),
        ...one(outer, pin),
        step('measure-disc', {}, reads(job.outerMm, 'mm', 2 * SET_MM)),
        step('power-off'),
      ],
      parts: radii.map((r, i) => ({
        name: inner !== null && i === 0 ? 'hole' : 'disc',
        atMm: inner !== null && i === 0 ? holePin : pin,
        lengthMm: 2 * Math.PI * r,
        board: null,
      })),
      timeS: c.warmUpS + radii.length * HANDLING_S + path / c.feed,
      findings: only(
        Math.min(...radii) < least &&
          finding('radius-too-small', 'stop', { radiusMm: Math.min(...radii), leastMm: least }),
        inner !== null &&
          outer - inner < least &&
          finding('ring-too-thin', 'stop', { ringMm: outer - inner, leastMm: least }),
        top <= 0 && finding('cone-closes', 'stop', { topMm: top, thickMm: job.thickMm, tiltDeg: job.tiltDeg }),
      ),
    };
  },
};
