import type { JobOf } from '../../../documents/job';
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
import {
  finding,
  heatStep,
  only,
  pushStep,
  reads,
  step,
  withFoam,
  TONE_MM,
  type JobWork,
  type KnownCut,
  type Worked,
} from '../work';

/** How truly a height is set: spacers of measured card or plate, a screw's turns; one sd, mm. Common practice, no source. */
const SET_SD = 0.02;
/** Friction of foam on a smooth board until it is tried. Common practice, no source. */
const FRICTION = 0.3;
/** Sag is said where it takes more than this share of the tolerance. */
const SAG_SHARE = 1 / 20;

type Sheets = JobOf<'sheets'>;

/** Thickness that a setting leaves, from what was gauged on a test sheet: the ends left and right, mm. */
function endsOf(corners: Sheets['cornersMm']) {
  if (!corners) return null;
  const left = (corners[0] + corners[2]) / 2;
  const right = (corners[1] + corners[3]) / 2;
  return {
    left,
    right,
    mean: (left + right) / 2,
    fore: (corners[2] + corners[3] - corners[0] - corners[1]) / 2,
  };
}

/** Cards that come nearest to a height, mm; at least one. */
const cardsFor = (card: number | null, height: number) =>
  card === null ? null : Math.max(1, Math.round(height / card));

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

function findingsOf(
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

function stepsOf(
  job: Sheets,
  c: KnownCut,
  v: Worked['values'] & { set: number; sd: number; count: number; cut: number },
) {
  const screw = job.by.kind === 'screw';
  const tolerance = Math.max(job.toleranceMm, v.sd);
  return [
    screw
      ? step(
          'set-turns',
          { turns: v.set, pitchMm: job.by.kind === 'screw' ? job.by.pitchMm : null, axisMm: v.axisMm! },
          reads(v.set, 'turns', 0.02),
        )
      : step(
          'set-spacers',
          { spacerMm: v.set, cards: v.cards!, cardMm: v.cardMm!, stripMm: v.stripMm! },
          reads(v.set, 'mm', 0.02),
        ),
    ...(screw ? [] : [step('insulate-spacers')]),
    heatStep(c),
    ...(job.skinsMm > 0 ? [step('skin-off', { skinsMm: job.skinsMm })] : []),
    step('test-sheet', { widthMm: job.blockMm[1] }, reads(v.givesMm!, 'mm', tolerance)),
    ...(v.raiseMm
      ? [
          step('raise-end', {
            raiseMm: v.raiseMm,
            end: v.wedgeMm! > 0 ? 'right' : 'left',
            turns: job.by.kind === 'screw' ? v.raiseMm / job.by.pitchMm : null,
          }),
        ]
      : []),
    pushStep(c, job.blockMm[0]),
    ...(v.slideDeg !== null
      ? [
          step('slide', {
            deg: v.slideDeg!,
            lastDeg: v.slideLastDeg!,
            friction: v.friction!,
            tried: job.slidesAtDeg === null ? 'no' : 'yes',
          }),
        ]
      : []),
    step(
      'ten-sheets',
      { sheets: Math.max(1, Math.min(10, v.cut)) },
      reads(v.givesMm! * Math.max(1, Math.min(10, v.cut)), 'mm', tolerance * Math.max(1, Math.min(10, v.cut))),
    ),
    step('weigh', { gramsPerM2: v.gramsPerM2! }, reads(v.sheetG!, 'g', 0.1 * v.sheetG!)),
    step('power-off'),
  ];
}
