import type { JobOf } from '../../documents/job';
import { boxOf, signedArea, turnAt, type Pt } from '../../numeric/polyline';
import { coveredBy, grownBy, isSolid, netArea, shiftedBy, solidsOf } from '../../physics/motion/loops';
import { slitsOf, tourOf, type Slit, type TourStep } from '../../physics/motion/slits';
import type { JobCut } from '../jobs/cut';
import type { AtFeed } from '../template/heat';
import { again } from './again';
import { cornersOf, deviationsOf } from './corners';
import { Course, NEAREST_MM } from './course';
import { level, type Ends } from './ends';
import { cuttingOf } from './cutting';
import { contactsOf, fineAt, pointOf, slitBetween } from './fine';
import type { Found } from './judge';
import { entryOf, laidOut } from './lay';
import { slitsMoved } from './parts';
import { ofCourse, type JobPath } from './path';

/** A way over all loops of an outline. */
export interface OutlinePath extends JobPath {
  readonly kind: 'outline';
  /** What the wire's middle runs along. */
  readonly centres: readonly (readonly Pt[])[];
  readonly slits: readonly Slit[];
  /** Which loop each move runs along; −1 for the others. */
  readonly loopOf: readonly number[];
}

/** The path of an outline job: loops grown by half their kerf, reached by the shortest slits, timed, and grown once more by what the machine makes wider. */
export function outlinePath(
  job: JobOf<'outline'>,
  h: AtFeed,
  { warmUpS }: JobCut,
  found: Found,
): OutlinePath | null {
  const [wide, , high] = job.blockMm;
  const entry = entryOf(job);
  if (entry[0] >= 0 && entry[0] <= wide && entry[1] >= 0 && entry[1] <= high) {
    found.add('entry-in-block', 'stop', null, { x: entry[0], y: entry[1] });
    return null;
  }
  const parts = laidOut(job).map(solidsOf);
  const kerf = h.slot(h.advised);
  const all = parts.length === 1 ? parts[0]! : coveredBy(parts.flat());
  const loops = all.filter((l) => Math.abs(signedArea(l)) > kerf * kerf);
  const melted = all.filter((l) => isSolid(l)).length - loops.filter((l) => isSolid(l)).length;
  if (melted > 0) found.add('part-melts', 'note', null, { parts: melted, kerf });
  const centres = grownBy(loops, kerf / 2);
  if (centres.length === 0) {
    found.add('no-part', 'stop', null, { kerf });
    return null;
  }
  lies(found, parts, loops, centres, job, kerf, all.filter((l) => !isSolid(l)).length);
  // The machine is slow about corners and where slits begin: there the loops have points of their own to be moved by.
  const shortest = slitsOf(entry, centres);
  const { slits: contacts, refused } = slitsMoved(shortest, job.slits ?? [], entry, centres);
  if (refused > 0) found.add('slit-refused', 'note', null, { slits: refused });
  let used = centres.map((loop, k) => fineAt(loop, contactsOf(contacts, k)));
  // The slits keep their places while the loops are moved.
  const held = contacts.map((s) => ({
    ...s,
    at: [s.from < 0 ? 0 : pointOf(used[s.from]!, s.start.at), pointOf(used[s.to]!, s.end.at)] as const,
  }));
  const slitsOn = (now: readonly (readonly Pt[])[]) => held.map((s) => slitBetween(s, entry, now));
  let path = wayOver(job, h, warmUpS, entry, used, slitsOn(used));
  // One more round: where the machine is slower than asked the kerf is wider, and the wire's way goes further out.
  const allow = allowances(path, used, kerf);
  if (allow.some((l) => l.some((a) => Math.abs(a) > 1e-4))) {
    used = used.map((loop, k) => shiftedBy(loop, allow[k]!));
    path = wayOver(job, h, warmUpS, entry, used, slitsOn(used));
  }
  const after = allowances(path, used, kerf);
  const loose = looseOver(path, used);
  if (loose > 0) found.add('part-loose', 'note', null, { parts: loose });
  return {
    ...path,
    kind: 'outline',
    core: null,
    head: [],
    block: job.blockMm,
    loops,
    centres: used,
    kerfMm: kerf,
    bridgesMm: path.slits.length > 0 ? again(h, h.slot(h.advised), h.advised) : null,
    deviations: deviationsOf(cornersOf(job.toleranceMm, h), used, allow, after, kerf),
  };
}

/** Parts that touch, holes that close, loops that leave the block. */
function lies(
  found: Found,
  parts: readonly Pt[][][],
  loops: readonly Pt[][],
  centres: readonly Pt[][],
  job: JobOf<'outline'>,
  kerf: number,
  holes: number,
): void {
  const count = (l: readonly (readonly Pt[])[], solid: boolean) => l.filter((x) => isSolid(x) === solid).length;
  const overlap = parts.reduce((sum, p) => sum + netArea(p), 0) - netArea(loops);
  if (overlap > 1e-3 || count(centres, true) < count(loops, true))
    found.add('parts-too-near', 'stop', null, { kerf });
  const closed = holes - count(centres, false);
  if (closed > 0) found.add('hole-closes', 'fix', null, { holes: closed, kerf });
  const [wide, , high] = job.blockMm;
  const out = centres.flat().reduce((most, [x, y]) => Math.max(most, -x, x - wide, -y, y - high), -Infinity);
  if (out > 1e-6) found.add('outside-block', 'fix', null, { by: out });
}

type Way = Pick<
  OutlinePath,
  'program' | 'what' | 'passOf' | 'notes' | 'played' | 'cutting' | 'slits' | 'loopOf'
> & {
  /** Where each move ends, before rounding. */
  readonly points: readonly Ends[];
};

function wayOver(
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

/** How much wider half the kerf is at each point of each loop than what the loops were grown by, mm. */
function allowances(path: Way, loops: readonly (readonly Pt[])[], kerf: number): number[][] {
  const all = loops.map((loop) => new Array<number>(loop.length).fill(0));
  const near = loops.map(nearby);
  path.loopOf.forEach((k, i) => {
    if (k < 0) return;
    const own = path.cutting.leftKerf[i]!;
    const after = path.loopOf[i + 1] === k ? path.cutting.leftKerf[i + 1]! : NaN;
    const w = Number.isFinite(after) ? (own + after) / 2 : own;
    const [x, y] = path.points[i]!.left;
    const j = near[k]!(x, y);
    if (j !== null && Number.isFinite(w)) all[k]![j] = (w - kerf) / 2;
  });
  return all;
}

/** Which point of a loop a place is; null for one between them, where a slit begins. */
function nearby(loop: readonly Pt[]): (x: number, y: number) => number | null {
  const key = (x: number, y: number) => `${Math.round(x * 1e4)},${Math.round(y * 1e4)}`;
  const at = new Map(loop.map(([x, y], i) => [key(x, y), i]));
  return (x, y) => at.get(key(x, y)) ?? null;
}

/** Solids that are cut free before another beneath them is, as wide as they are or wider: what carries them is then parted from below, and they can sink on the wire. */
function looseOver(path: Way, loops: readonly (readonly Pt[])[]): number {
  const closes = loops.map((_, k) => path.loopOf.lastIndexOf(k));
  const boxes = loops.map((l) => boxOf(l));
  const beneath = (k: number, j: number) => {
    const [a, b] = [boxes[k]!, boxes[j]!];
    return closes[j]! > closes[k]! && b.y1 <= a.y0 && b.x0 <= a.x0 && b.x1 >= a.x1;
  };
  return loops.filter((loop, k) => isSolid(loop) && loops.some((l, j) => isSolid(l) && beneath(k, j))).length;
}
