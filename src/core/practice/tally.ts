import { apart, type Pt } from '../numeric/polyline';
import { matching, type Course, type Mark, type Track } from './course';
import type { PracticeRun } from './run';
import type { Moment } from './moment';
import type { EndTally, Tallied } from './tallied';

/** Kerf and standing are kept for each so many mm of an end's track. */
export const BIN = 1;
/** What is led within this of a corner is the corner's, mm; the time over what going on would have taken is the time stood. */
const AT_CORNER = 1.5;
/** Under this share of the course's feed, and half of the min clean feed, a wire stands. */
const STANDS = 0.15;
/** A wire counts as warm from this share of its rise: what goes wrong before is the cold's. */
const WARM = 0.92;
/** Standing under this on a line is a hand that gathers itself, s; more leaves a groove. Ours. */
const PAUSE_S = 0.5;

/** Sums a run up as it goes. */
export class Tally {
  private readonly ends: { near: EndTally; far: EndTally };
  private readonly middle: Pt[] = [];
  private sum = {
    inFoamS: 0,
    fastS: 0,
    slowS: 0,
    pathMm: 0,
    fastMm: 0,
    fastestMmS: 0,
    hottestC: 0,
    snags: 0,
    coldSnags: 0,
    coldFastMm: 0,
    mostLag: 0,
    stillS: 0,
    stepS: 0,
    stepMm: 0,
    stepMostMm: 0,
    coldShare: 0,
  };
  private readonly stood: number[];
  private readonly course: Course;
  private readonly corners: readonly Mark[];
  private pause = 0;
  private was: Moment | null = null;
  private entered = false;

  constructor(private readonly run: PracticeRun) {
    this.course = run.course;
    const of = (track: Track): EndTally => ({
      track,
      kerf: new Float64Array(Math.ceil(track.length / BIN) + 1),
      fair: new Uint8Array(Math.ceil(track.length / BIN) + 1).fill(1),
    });
    this.ends = { near: of(run.near), far: of(run.far) };
    this.corners = this.course.marks.filter((m) => m.kind === 'corner');
    this.stood = this.corners.map(() => 0);
  }

  take(m: Moment): void {
    const { dt, wire } = this.run;
    const { near, middle, far } = m.spots;
    const sum = this.sum;
    const was = this.was;
    this.was = m;
    const { airC } = wire.e.s.room;
    const warmth = (m.airC - airC) / (wire.e.idle.airC - airC);
    const cold = warmth < WARM;
    if (m.snagged && !was?.snagged) sum[cold ? 'coldSnags' : 'snags']++;
    for (const end of ['near', 'far'] as const) {
      const spot = m.spots[end];
      if (!spot.inFoam) continue;
      const bin = Math.round(m[end].arc / BIN);
      const { kerf } = this.ends[end];
      kerf[bin] = Math.max(kerf[bin]!, spot.kerf);
    }
    if (middle.inFoam) {
      const last = this.middle.at(-1);
      if (!last || apart(middle.at, last) > BIN / 4) this.middle.push(middle.at);
    }
    if (!near.inFoam && !far.inFoam && !middle.inFoam) return;
    if (!this.entered) {
      this.entered = true;
      sum.coldShare = Math.max(0, 1 - warmth);
    }
    const spots = [near, middle, far].filter((s) => s.inFoam);
    const feed = Math.max(...spots.map((s) => s.feed));
    const went = feed * dt;
    sum.inFoamS += dt;
    sum.pathMm += went;
    sum.mostLag = Math.max(sum.mostLag, m.lag);
    const fast = m.snagged || Math.max(near.ratio, far.ratio, middle.ratio) > 1;
    if (fast) {
      sum.fastS += dt;
      sum[cold ? 'coldFastMm' : 'fastMm'] += went;
    }
    const hot = Math.max(...spots.map((s) => s.wireC));
    sum.hottestC = Math.max(sum.hottestC, hot);
    const corner = this.cornerAt(m);
    const stands = feed < Math.min(STANDS * this.course.feed, wire.at.slowest / 2);
    const least = Math.min(...[near, far].filter((s) => s.inFoam).map((s) => s.feed));
    const slow = corner < 0 && !stands && !m.snagged && least < wire.at.slowest;
    if (slow) sum.slowS += dt;
    if (slow || fast)
      for (const end of ['near', 'far'] as const) this.ends[end].fair[Math.round(m[end].arc / BIN)] = 0;
    if (corner >= 0) this.stood[corner]! += dt;
    sum.fastestMmS = Math.max(sum.fastestMmS, feed);
    this.pause = stands && corner < 0 && !m.snagged ? this.pause + dt : 0;
    if (this.pause > PAUSE_S) sum.stillS += dt;
    if (this.course.together || !near.inFoam || !far.inFoam) return;
    const out = Math.abs(matching(this.course, m.far.arc, 'near') - m.near.arc);
    sum.stepS += dt;
    sum.stepMm += out * dt;
    sum.stepMostMm = Math.max(sum.stepMostMm, out);
  }

  private cornerAt(m: Moment): number {
    return this.corners.findIndex(
      (c) => Math.abs(m.near.arc - c.near) < AT_CORNER && Math.abs(m.far.arc - c.far) < AT_CORNER,
    );
  }

  result(): Tallied {
    const { sum } = this;
    const done = (end: 'near' | 'far') => {
      const { track, kerf } = this.ends[end];
      const whole = Math.max(1, Math.floor(track.leaves / BIN) - Math.ceil(track.enters / BIN) + 1);
      return Math.min(1, kerf.reduce((n, w) => n + (w > 0 ? 1 : 0), 0) / whole);
    };
    return {
      ...this.ends,
      middle: this.middle,
      ...sum,
      stoodS: this.stood.map((t) => Math.max(0, t - (2 * AT_CORNER) / this.course.feed)),
      stepMeanMm: sum.stepS > 0 ? sum.stepMm / sum.stepS : 0,
      doneShare: Math.min(done('near'), done('far')),
    };
  }
}
