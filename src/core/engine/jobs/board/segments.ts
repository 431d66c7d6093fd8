import { firstFit, leanForce, ringGap, rowOpens } from '../../../physics/making/segments';
import { slanted } from '../../../physics/making/table';
import { batchTime } from '../cut';
import { finding, heatStep, only, reads, SET_MM, step, withFoam, type JobWork } from '../work';

/** Height between the guides' pins over which a shim is reckoned, mm. */
const GUIDE_MM = 300;
/** Depth of the relief sawn into the board below the cut, mm: at least. Ours. */
const RELIEF_MM = 5;
/** A joint that opens by more shows, mm. Ours. */
const OPEN_MM = 0.5;

/** Segments parted from stock on a drop board: MACHINES.md section 5. */
export const segments: JobWork<'segments'> = {
  use: (job, rig) => withFoam(rig, job.blockMm[1], slanted(job.blockMm[0], job.angleDeg)),
  most: null,
  work: (job, c) => {
    const [thick, , stock] = job.blockMm;
    const { angleDeg, errorDeg } = job;
    const slot = slanted(c.kerf, angleDeg);
    const placed = firstFit(job.lengthsMm, stock, slot);
    const boards = Math.max(...placed.map((p) => p.board)) + 1;
    const total = job.lengthsMm.reduce((a, b) => a + b, 0);
    const count = job.lengthsMm.length;
    const open = rowOpens(count - 1, thick, errorDeg, false);
    const turned = rowOpens(count - 1, thick, errorDeg, true);
    const ring = angleDeg > 0 ? Math.round(180 / angleDeg) : null;
    const radius = ring === null ? null : total / count / (2 * Math.tan(Math.PI / ring));
    const gap = ring === null || radius === null ? null : ringGap(ring, radius, errorDeg);
    const shim = GUIDE_MM * Math.tan((errorDeg * Math.PI) / 180);
    const path = slanted(thick, angleDeg);
    return {
      values: {
        count,
        boards,
        wasteMm: boards * stock - total,
        openMm: open,
        openTurnedMm: turned,
        closingGapMm: gap,
        ringOf: ring,
        radiusMm: radius,
        leanN: leanForce((job.massG / 1000) * 9.80665, job.tipDeg),
        shimMm: shim,
        secondsPerCut: path / c.feed,
      },
      steps: [
        step(
          'tip-board',
          { tipDeg: job.tipDeg, leanN: leanForce((job.massG / 1000) * 9.80665, job.tipDeg) },
          reads(job.tipDeg, 'deg', 0.3),
        ),
        step('board-relief', { deepMm: Math.max(RELIEF_MM, 2 * slot) }),
        ...(angleDeg > 0
          ? [step('set-tilt', { tiltDeg: angleDeg, shiftMm: null, wireMm: null }, reads(angleDeg, 'deg', 0.2))]
          : []),
        heatStep(c),
        step(
          'square-check',
          { thickMm: thick, shimMm: shim },
          reads(0, 'mm', 2 * thick * Math.tan((errorDeg * Math.PI) / 180)),
        ),
        step('set-stop', { stopMm: placed[0]!.stop, kerfMm: slot }, reads(placed[0]!.stop, 'mm', SET_MM)),
        step('part', { seconds: path / c.feed, count }, reads(path / c.feed, 's', (0.15 * path) / c.feed)),
        ...(job.turnOver ? [step('turn-over', { openMm: open, turnedMm: turned })] : []),
        step('power-off'),
      ],
      parts: placed.map((p, i) => ({
        name: String(i + 1),
        atMm: p.stop,
        lengthMm: p.length,
        board: p.board + 1,
      })),
      timeS: batchTime(c, count, path),
      findings: only(
        (job.turnOver ? turned : open) > OPEN_MM &&
          finding('row-opens', 'fix', {
            openMm: job.turnOver ? turned : open,
            turnedMm: turned,
            turnOver: job.turnOver ? 'yes' : 'no',
          }),
        gap !== null &&
          gap > OPEN_MM &&
          finding('ring-does-not-close', 'fix', { gapMm: gap, ringOf: ring, shimMm: shim }),
        ring !== null && count % ring !== 0 && finding('stock-short', 'note', { count, ringOf: ring }),
      ),
    };
  },
};
