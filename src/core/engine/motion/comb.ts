import type { JobOf } from '../../documents/job';
import type { JobCut } from '../jobs/cut';
import type { AtFeed } from '../template/heat';
import { Course } from './course';
import { level } from './ends';
import { cuttingOf } from './cutting';
import type { Found } from './judged';
import { ofCourse, type JobPath } from './path';

/** A slot of a test comb: how high it lies, its feed and the kerf to expect. mm, mm/s. */
export interface CombSlot {
  readonly n: number;
  readonly upMm: number;
  readonly feedMmS: number;
  readonly kerfMm: number;
}
export interface CombPath extends JobPath {
  readonly kind: 'comb';
  readonly comb: readonly CombSlot[];
}

/** Length of the marks that number a slot, mm; marks lie so many kerfs apart, at least so far. Ours. */
const MARK_MM = 5;
const MARK_KERFS = 3;
const LEAST_MARK_MM = 3;
/** Shares of the window's ends that slots begin and end at: on the very ends a cut tears or chars. Slower than a fifth of the max feed nobody cuts, and a slot would take an hour. Ours. */
const FROM_SLOWEST = 1.1;
const FROM_FASTEST = 0.2;
const TO_FASTEST = 0.9;

/** Feeds spread evenly by ratio over the clean window: the kerf's line over the feed is best told from its ends. mm/s. */
export function combFeeds(job: Pick<JobOf<'comb'>, 'feedsMmS' | 'slots'>, h: AtFeed): number[] {
  if (job.feedsMmS) return [...job.feedsMmS];
  const lo = Math.max(h.slowest * FROM_SLOWEST, h.fastest * FROM_FASTEST);
  const hi = h.fastest * TO_FASTEST;
  if (!(hi > lo)) return Array.from({ length: job.slots }, () => h.advised);
  return Array.from({ length: job.slots }, (_, i) => lo * (hi / lo) ** (i / (job.slots - 1)));
}

/** One slot after another from below: hot in at its feed, cold back out, and beside each as many short marks as its number. */
export function combPath(job: JobOf<'comb'>, h: AtFeed, { warmUpS }: JobCut, found: Found): CombPath | null {
  const feeds = combFeeds(job, h);
  const pitch = job.blockMm[2] / (feeds.length + 1);
  const widest = Math.max(...feeds.map((v) => h.slot(v)));
  const apart = Math.max(LEAST_MARK_MM, MARK_KERFS * widest);
  if (job.machine.code.heat === 'none') {
    found.add('comb-needs-heat', 'stop', null);
    return null;
  }
  if (pitch < (feeds.length + 1.5) * apart) {
    found.add('slots-too-near', 'stop', null, {
      pitch,
      needs: (feeds.length + 1.5) * apart,
      high: (feeds.length + 1.5) * apart * (feeds.length + 1),
    });
    return null;
  }
  const comb = feeds.map((feedMmS, i): CombSlot => {
    return { n: i + 1, upMm: pitch * (i + 1), feedMmS, kerfMm: h.slot(feedMmS) };
  });
  const course = new Course(job.machine, job.blockMm, job.marginMm);
  const out = -job.marginMm;
  const marksUp = (n: number) => Array.from({ length: n }, (_, k) => pitch * n + apart * (k + 1));
  comb.forEach((s) => {
    course.nextPass(s.n - 1);
    course.air(level([out, s.upMm]));
    course.warm(warmUpS);
    course.note(`cut ${s.n}, feed ${s.feedMmS.toFixed(2)} mm/s`);
    course.cut(level([job.depthMm, s.upMm]), (job.depthMm - out) / s.feedMmS, 'loop', s.n - 1);
    // Hot, the way back would widen the slot: it cools at its end, and goes back cold in its own slot.
    course.cold();
    course.wait(Math.max(1, Math.ceil(warmUpS)));
    course.cut(level([out, s.upMm]), (job.depthMm - out) / h.fastest, 'slit');
    course.warm(warmUpS);
    course.note(`${s.n === 1 ? 'mark' : 'marks'} of cut ${s.n}`);
    for (const y of marksUp(s.n)) {
      course.air(level([out, y]));
      course.cut(level([MARK_MM, y]), (MARK_MM - out) / h.advised, 'slit');
      course.cut(level([out, y]), (MARK_MM - out) / h.advised, 'slit');
    }
    course.cold();
  });
  const { program, played } = course.played();
  return {
    kind: 'comb',
    program,
    played,
    ...ofCourse(course),
    cutting: cuttingOf(played, h),
    block: job.blockMm,
    comb,
    loops: [],
    kerfMm: h.slot(h.advised),
    bridgesMm: null,
    deviations: [],
    core: null,
    head: comb.map((s) => `cut ${s.n} at ${s.upMm.toFixed(1)} mm, feed ${s.feedMmS.toFixed(2)} mm/s`),
  };
}
