import type { Loss, LossCode, PracticeScore } from '../documents/practice';
import { between, lengthOf, nearest } from '../numeric/polyline';
import { entryOverSteady, timesOf } from '../engine/times';
import { feedOf, middleLine, placeAt, type Course, type Mark } from './course';
import { BIN } from './tally';
import { type EndTally, type Tallied } from './tallied';
import type { PracticeWire } from './wire';

type Led = NonNullable<PracticeScore['led']>;
type OffBy = Led['ends'];
/** What a run came to, in the job's own terms. */
export type Score = Pick<PracticeScore, 'points' | 'losses'> & { readonly led: Led };

/** What is lost, in points. All ours: an even hand keeps them all, each fault alone costs most of what it spoils. */
const FAST_PATH = 100;
const SNAG = 15;
const SLOW_TIME = 80;
const OFF_FEED_MM = 100;
const CORNER = 30;
const STEP_MM = 6;
const COLD = 60;
const STILL_S = 8;
/** What costs nothing: mm of kerf a side, of a corner cut off, of one melted, of ends out of step; share of heat; shares of the path too fast and undone. */
const FREE = { fast: 0.01, kerf: 0.12, cutOff: 0.2, melted: 0.25, step: 1.5, cold: 0.08, undone: 0.03 };
/** Of the kerf that a wire comes in with over its steady one so many times is free, fading by e^this over the settling depth. */
const HOT_FREE = 1.3;
const HOT_FADES = 2;
/** At so many mm over that a corner is lost. */
const CORNER_MM = { short: 0.5, long: 0.75 };
/** Kerf this near a corner is the corner's, mm. */
const AROUND = 4;
/** The line of the middle is looked at every so many mm. */
const FINE = 0.5;

/** Points of a run and what it lost them for. */
export function scoreOf(wire: PracticeWire, course: Course, t: Tallied): Score {
  const corners = course.marks.filter((m) => m.kind === 'corner');
  const { over, ...ends } = kerfOff(wire, course, t);
  const meanFeedMmS = t.inFoamS > 0 ? t.pathMm / t.inFoamS : 0;
  const losses: Loss[] = [];
  const lose = (code: LossCode, points: number, values: Loss['values']) => {
    if (points >= 0.05) losses.push({ code, points: Math.min(100, points), values });
  };
  const share = t.pathMm > 0 ? t.fastMm / t.pathMm : 0;
  const { at } = wire;
  lose('fast', FAST_PATH * Math.max(0, share - FREE.fast) + SNAG * t.snags, {
    feedMmS: t.fastestMmS,
    maxMmS: at.fastest,
    goalMmS: course.feed,
    seconds: t.fastS,
    snags: t.snags,
    lagMm: t.mostLag,
  });
  lose('slow', t.inFoamS > 0 ? (SLOW_TIME * t.slowS) / t.inFoamS : 0, {
    feedMmS: meanFeedMmS,
    minMmS: at.slowest,
    goalMmS: course.feed,
    seconds: t.slowS,
    hottestC: t.hottestC,
  });
  lose('off-feed', OFF_FEED_MM * over, {
    meanMm: ends.mean,
    mostMm: ends.most,
    feedMmS: meanFeedMmS,
    goalMmS: course.feed,
  });
  corners.forEach((c, i) => {
    const values = { corner: i + 1, waitS: c.waitS, stoodS: t.stoodS[i]!, ...cornerAt(wire, course, t, c) };
    lose(
      'corner-short',
      CORNER * Math.min(1, Math.max(0, values.cutOffMm - FREE.cutOff) / CORNER_MM.short),
      values,
    );
    lose(
      'corner-long',
      CORNER * Math.min(1, Math.max(0, values.meltedMm - FREE.melted) / CORNER_MM.long),
      values,
    );
  });
  lose('step', STEP_MM * Math.max(0, t.stepMeanMm - FREE.step), { meanMm: t.stepMeanMm, mostMm: t.stepMostMm });
  const coldFast = t.pathMm > 0 ? t.coldFastMm / t.pathMm : 0;
  lose('cold', t.coldShare > FREE.cold ? COLD * t.coldShare + FAST_PATH * coldFast + SNAG * t.coldSnags : 0, {
    share: t.coldShare,
    warmUpS: wire.warmUpS,
  });
  lose('still', STILL_S * t.stillS, { seconds: t.stillS });
  const undone = 1 - t.doneShare;
  lose('undone', undone > FREE.undone ? 100 * undone : 0, { share: undone });
  losses.sort((a, b) => b.points - a.points);
  const lost = losses.reduce((sum, l) => sum + l.points, 0);
  const waits = corners.map((c, i) => t.stoodS[i]! - c.waitS);
  return {
    points: Math.max(0, Math.round((100 - lost) * 10) / 10),
    losses,
    led: {
      ends,
      middle: middleOff(course, t),
      outsideS: t.fastS + t.slowS,
      inFoamS: t.inFoamS,
      worstWaitS: waits.length ? waits.reduce((a, b) => (Math.abs(b) > Math.abs(a) ? b : a)) : null,
      stepMostMm: t.stepMostMm,
      meanFeedMmS,
      lagMm: t.mostLag,
    },
  };
}

/** Off what the templates allow for, a side, of both ends, and the mean of what is over the free share. Near the entry the wire comes in hot: that much is free. */
function kerfOff(wire: PracticeWire, course: Course, t: Tallied): OffBy & { over: number } {
  const corners = course.marks.filter((m) => m.kind === 'corner').map((m) => m.near);
  const settle = (timesOf(wire.e)?.settle ?? 0) * 1000;
  const entry = Math.max(0, entryOverSteady(wire.e.s, wire.e.cut!) - 1);
  let [n, sum, most, over] = [0, 0, 0, 0];
  const each = (end: 'near' | 'far', e: EndTally) =>
    e.kerf.forEach((kerf, bin) => {
      const arc = bin * BIN;
      if (kerf === 0 || corners.some((c) => Math.abs(c - arc) < AROUND)) return;
      const planned = wire.at.slot(feedOf(course, end, arc));
      const off = Math.abs(Math.max(kerf, wire.at.diameter) - planned) / 2;
      const hot =
        settle > 0
          ? HOT_FREE * ((entry * planned) / 2) * Math.exp((-HOT_FADES * (arc - e.track.enters)) / settle)
          : 0;
      n++;
      sum += off;
      most = Math.max(most, off);
      // What was led too fast or too slow has lost its points for that.
      if (e.fair[bin]) over += Math.max(0, off - FREE.kerf - hot);
    });
  each('near', t.near);
  if (!course.together) each('far', t.far);
  return n === 0 ? { mean: 0, most: 0, over: 0 } : { mean: sum / n, most, over: over / n };
}

/** How far the middle's way stays from the line it should follow, along the foam it cut. */
function middleOff(course: Course, t: Tallied): OffBy {
  if (t.middle.length < 2) return { mean: 0, most: 0 };
  const went = lengthOf(t.middle) - 1e-9;
  let [n, sum, most] = [0, 0, 0];
  for (const p of middleLine(course, t.near.track, t.far.track, FINE)) {
    const { distance, arc } = nearest(t.middle, p);
    // Where it was never led there is nothing to compare.
    if (arc <= 0 || arc >= went) continue;
    n++;
    sum += distance;
    most = Math.max(most, distance);
  }
  return n === 0 ? { mean: 0, most: 0 } : { mean: sum / n, most };
}

/** What a corner came to: cut off by the middle, and melted wider than its own wait would, mm. */
function cornerAt(wire: PracticeWire, course: Course, t: Tallied, c: Mark) {
  const at = between(placeAt(t.near.track, c.near), placeAt(t.far.track, c.far), 0.5);
  const cutOffMm = t.middle.length > 1 ? nearest(t.middle, at).distance : 0;
  const bins = t.near.kerf.slice(
    Math.max(0, Math.floor((c.near - AROUND) / BIN)),
    Math.ceil((c.near + AROUND) / BIN) + 1,
  );
  const planned = wire.at.slot(course.feed);
  const waited = Math.sqrt(planned ** 2 + wire.at.standing(1) ** 2 * c.waitS);
  return { cutOffMm, meltedMm: Math.max(0, (Math.max(0, ...bins) - waited) / 2) };
}
