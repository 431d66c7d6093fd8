import {
  kerfFromStack,
  sagOf,
  sheetAfterTurns,
  sheetOverSpacers,
  sheetsFrom,
  slideAngle,
  spacersFor,
  turnsFor,
  wedgeAcross,
} from '../../../physics/making/sheets';
import { batchTime } from '../cut';
import { withFoam, TONE_MM, type JobWork } from '../work';
import { endsOf, cardsFor } from './sheetParts';
import { findingsOf } from './sheetFindings';
import { stepsOf } from './sheetSteps';

/** How truly a height is set: spacers of measured card or plate, a screw's turns; one sd, mm. Common practice, no source. */
const SET_SD = 0.02;
/** Friction of foam on a smooth board until it is tried. Common practice, no source. */
const FRICTION = 0.3;

/** Sheets off a block: MACHINES.md section 3. */
export const sheets: JobWork<'sheets'> = {
  use: (job, rig) => withFoam(rig, job.blockMm[1], job.blockMm[2]),
  most: null,
  work: (job, c) => {
    const [along, width, height] = job.blockMm;
    const { kerf, d } = c;
    const spacer = spacersFor(job.sheetMm, kerf, d);
    const { by } = job;
    const turns = by.kind === 'screw' ? turnsFor(job.sheetMm, kerf, d, by.pitchMm) : null;
    // What stands there now, where it was entered.
    const cards = by.kind === 'spacers' ? cardsFor(by.cardMm, spacer) : null;
    const set = by.kind === 'screw' ? by.turns : (by.heightMm ?? (cards && cards * by.cardMm!));
    const gives =
      set === null
        ? job.sheetMm
        : by.kind === 'screw'
          ? sheetAfterTurns(set, kerf, d, by.pitchMm)
          : sheetOverSpacers(set, kerf, d);
    const fits = sheetsFrom(height, job.skinsMm, Math.max(gives, 0.1), kerf);
    const count = Math.min(job.count ?? fits, fits);
    const gramsPerM2 = c.rig.foam.densityKgM3 * gives;
    const sheetG = (gramsPerM2 * along * width) / 1e6;
    const ends = endsOf(job.cornersMm);
    const wedge = ends ? ends.left - ends.right : wedgeAcross(job.endsDifferMm, width, job.supportsMm);
    const sag = c.e.tension.hotN
      ? sagOf(c.e.s.area * c.e.s.alloy.density, c.e.s.length, c.e.tension.hotN) * 1000
      : null;
    const sd = Math.hypot(SET_SD, (kerf * c.sd) / 2);
    const under = gives + (kerf - d) / 2;
    const seen =
      job.stack && kerfFromStack(job.stack.underMm ?? under, job.stack.heightMm, job.stack.sheets, d);
    const drag = (c.drag ?? 0) * (width / 1000);
    const mass = (n: number) => (c.rig.foam.densityKgM3 * along * width * (height - n * (gives + kerf))) / 1e9;
    const friction = job.slidesAtDeg === null ? FRICTION : Math.tan((job.slidesAtDeg * Math.PI) / 180);
    const slide = slideAngle(mass(0), drag, friction);
    const slideLast = count > 0 ? slideAngle(mass(count - 1), drag, friction) : null;
    const raise = wedge !== 0 ? (Math.abs(wedge) * job.supportsMm) / width : null;
    const minutes = c.e.battery?.minutes ?? null;
    const values = {
      spacerMm: by.kind === 'spacers' ? spacer : null,
      turns,
      cards,
      cardMm: by.kind === 'spacers' ? by.cardMm : null,
      stripMm: along,
      friction,
      axisMm: job.sheetMm + kerf / 2,
      givesMm: gives,
      underMm: under,
      lowMm: gives - sd - Math.abs(wedge) / 2,
      highMm: gives + sd + Math.abs(wedge) / 2,
      count: fits,
      cut: count,
      wasteMm: height - count * (gives + kerf),
      gramsPerM2,
      sheetG,
      batchG: sheetG * count,
      wedgeMm: wedge,
      raiseMm: raise,
      sagMm: sag,
      kerfSeenMm: seen,
      slideDeg: slide,
      slideLastDeg: slideLast,
      secondsPerTone: TONE_MM / c.feed,
      sheetsPerCharge: minutes === null ? null : Math.floor((minutes * 60 * c.feed) / along),
    };
    return {
      values,
      steps: stepsOf(job, c, { ...values, set: by.kind === 'spacers' ? (set ?? spacer) : (set ?? turns!), sd }),
      parts: [],
      timeS: batchTime(c, count, along),
      findings: findingsOf(job, c, values, set),
    };
  },
};
