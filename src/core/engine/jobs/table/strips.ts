import { anchorShift, fenceFor, flipError, slanted, stripsFrom } from '../../../physics/making/table';
import { batchTime } from '../cut';
import { finding, tableHeat, only, pushStep, reads, SET_MM, step, type JobWork } from '../work';
import { SQUARE_DEG, tiltedRig, tiltSteps, tiltValues } from './tilt';

/** Full boards longer than this are ripped: a weight holds the wire, the frame is weighted down, the feed never pauses, mm. */
const RIP_MM = 1000;
/** Strips and boards off a fence, upright or tilted: MACHINES.md section 2. */
export const strips: JobWork<'strips'> = {
  use: (job, rig) => tiltedRig(rig, job.tiltDeg, job.boardMm[2]),
  most: null,
  work: (job, c) => {
    const [along, across, thick] = job.boardMm;
    const { tiltDeg, widthMm } = job;
    const upright = c.rig.wire.lengthMm / slanted(1, tiltDeg);
    const fence = fenceFor(widthMm, c.kerf, tiltDeg);
    const fits = stripsFrom(across, thick, widthMm, c.kerf, tiltDeg);
    const count = Math.min(job.count ?? fits, fits);
    const slot = slanted(c.kerf, tiltDeg);
    const error = job.flipGapMm === null ? null : flipError(job.flipGapMm, thick);
    return {
      values: {
        fenceMm: fence,
        count: fits,
        cut: count,
        wasteMm: across - count * widthMm - Math.max(0, count - 1) * slot,
        ...tiltValues(c, tiltDeg),
        squareErrorDeg: error,
      },
      steps: [
        ...(tiltDeg === 0
          ? [
              step(
                'square-check',
                { thickMm: thick },
                reads(0, 'mm', 2 * thick * Math.tan((SQUARE_DEG * Math.PI) / 180)),
              ),
            ]
          : tiltSteps(c, tiltDeg, 'fence')),
        step('set-fence', { fenceMm: fence }, reads(fence, 'mm', SET_MM)),
        ...tableHeat(c),
        step('first-edge', { tiltDeg }),
        ...(along > RIP_MM ? [step('rip', { alongMm: along })] : []),
        pushStep(c, along),
        step('test-sheet', {}, reads(widthMm, 'mm', SET_MM)),
        step('power-off'),
      ],
      parts: Array.from({ length: count }, (_, i) => ({
        name: String(i + 1),
        atMm: (i + 1) * widthMm + (i + 0.5) * slot,
        lengthMm: along,
        board: 1,
      })),
      timeS: batchTime(c, count, along),
      findings: only(
        (job.count ?? 1) > fits && finding('board-too-narrow', 'fix', { wanted: job.count ?? 1, count: fits }),
        error !== null &&
          error > SQUARE_DEG &&
          finding('not-square', 'fix', { errorDeg: error, shiftMm: anchorShift(upright, error) }),
      ),
    };
  },
};
