import type { JobOf } from '../../documents/job';
import { turnAt, type Pt } from '../../numeric/polyline';
import { tourOf, type Slit, type TourStep } from '../../physics/motion/slits';
import type { AtFeed } from '../template/heat';
import { cornersOf } from './corners';
import { Course, NEAREST_MM } from './course';
import { level, type Ends } from './ends';
import { cuttingOf } from './cutting';
import { ofCourse, type JobPath } from './path';

/** What a way over the outline is made of. */
export type Way = Pick<
  OutlinePath,
  'program' | 'what' | 'passOf' | 'notes' | 'played' | 'cutting' | 'slits' | 'loopOf'
> & {
  /** Where each move ends, before rounding. */
  readonly points: readonly Ends[];
};

/** The way of the wire over the loops of an outline, mm. */
export function wayOver(
  job: JobOf<'outline'>,
  h: AtFeed,
  warmUpS: number,
  entry: Pt,
  centres: readonly (readonly Pt[])[],
  slits: readonly Slit[],
): Way {
  const tour = spaced(tourOf(entry, centres, slits));
  const course = new Course(job.machine, job.blockMm, job.marginMm);
  course.air(level(entry));
  course.warm(warmUpS);
  const corner = cornersOf(job.toleranceMm, h);
  let was: string | null = null;
  tour.slice(1).forEach((s, k) => {
    const from = tour[k]!;
    const { along } = s;
    if (along.kind !== was) course.note((was = along.kind));
    course.cut(level(s.at), apart(from, s) / h.advised, along.kind, along.kind === 'loop' ? along.loop : -1);
    const next = tour[k + 2];
    if (next) course.wait(corner(turnAt([from.at, s.at, next.at], 1)).waitS);
  });
  course.cold();
  const { program, played } = course.played();
  const { loopOf, points } = course;
  return { program, ...ofCourse(course), played, cutting: cuttingOf(played, h), slits, loopOf, points };
}

function spaced(tour: readonly TourStep[]): TourStep[] {
  const out: TourStep[] = [];
  tour.forEach((s, i) => {
    if (i > 0 && i < tour.length - 1 && apart(s, out[out.length - 1]!) < NEAREST_MM) return;
    out.push(s);
  });
  return out;
}

const apart = (a: TourStep, b: TourStep) => Math.hypot(a.at[0] - b.at[0], a.at[1] - b.at[1]);

/** A way over all loops of an outline. */
export interface OutlinePath extends JobPath {
  readonly kind: 'outline';
  /** What the wire's middle runs along. */
  readonly centres: readonly (readonly Pt[])[];
  readonly slits: readonly Slit[];
  /** Which loop each move runs along; −1 for the others. */
  readonly loopOf: readonly number[];
}
