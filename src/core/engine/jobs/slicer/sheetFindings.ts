import { finding, only, type KnownCut } from '../work';
import type { Sheets } from './sheetParts';

/** Sag is said where it takes more than this share of the tolerance. */
const SAG_SHARE = 1 / 20;

/** What stands against slicing a block as planned. */
export function findingsOf(
  job: Sheets,
  c: KnownCut,
  v: {
    givesMm: number;
    lowMm: number;
    highMm: number;
    count: number;
    wedgeMm: number;
    sagMm: number | null;
    sheetG: number;
    raiseMm: number | null;
    kerfSeenMm: number | null;
  },
  set: number | null,
) {
  const { toleranceMm: tolerance } = job;
  const off = v.givesMm - job.sheetMm;
  const half = (v.highMm - v.lowMm) / 2;
  return only(
    job.supportsMm < job.blockMm[1] &&
      finding('supports-too-near', 'stop', { supportsMm: job.supportsMm, widthMm: job.blockMm[1] }),
    job.count !== null &&
      job.count > v.count &&
      finding('block-too-low', 'fix', { wanted: job.count, count: v.count, heightMm: needed(job, c) }),
    job.count === null &&
      v.count === 0 &&
      finding('block-too-low', 'fix', { wanted: 1, count: 0, heightMm: needed({ ...job, count: 1 }, c) }),
    set !== null &&
      Math.abs(off) > tolerance &&
      finding('sheet-differs', 'fix', { givesMm: v.givesMm, sheetMm: job.sheetMm, toleranceMm: tolerance }),
    Math.abs(v.wedgeMm) > tolerance &&
      finding('wedge-shows', 'fix', {
        wedgeMm: Math.abs(v.wedgeMm),
        raiseMm: v.raiseMm,
        end: v.wedgeMm > 0 ? 'right' : 'left',
      }),
    Math.abs(v.wedgeMm) <= tolerance &&
      half > tolerance &&
      finding('thickness-uncertain', 'note', { halfMm: half, toleranceMm: tolerance, kerfMm: c.kerf }),
    v.kerfSeenMm !== null &&
      Math.abs(v.kerfSeenMm - c.kerf) / 2 > tolerance / 4 &&
      finding('kerf-differs', 'note', { seenMm: v.kerfSeenMm, kerfMm: c.kerf }),
    v.sagMm !== null && v.sagMm > tolerance * SAG_SHARE && finding('wire-sags', 'note', { sagMm: v.sagMm }),
    job.limitG !== null &&
      v.sheetG > job.limitG &&
      finding('sheet-too-heavy', 'fix', {
        grams: v.sheetG,
        limitG: job.limitG,
        densityKgM3: (c.rig.foam.densityKgM3 * job.limitG) / v.sheetG,
      }),
  );
}

const needed = (job: Sheets, c: KnownCut) => (job.count ?? 1) * (job.sheetMm + c.kerf) + job.skinsMm + c.kerf;
