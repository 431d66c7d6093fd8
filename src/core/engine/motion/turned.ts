import type { JobOf } from '../../documents/job';
import { turnAt, type Pt } from '../../numeric/polyline';
import { grownBy, lineShiftedBy } from '../../physics/motion/loops';
import type { JobCut } from '../jobs/cut';
import type { AtFeed } from '../template/heat';
import { cornersOf, deviationsOf } from './corners';
import { Course, NEAREST_MM } from './course';
import { level } from './ends';
import { cuttingOf } from './cutting';
import { fineAt } from './fine';
import type { Found } from './judged';
import { ofCourse, type JobPath } from './path';

/** A turned piece's path. `lines`: what the wire's middle runs along in each pass, from the block's front to its back. */
export interface TurnedPath extends JobPath {
  readonly kind: 'turned';
  readonly lines: readonly (readonly Pt[])[];
}

/** The wire stands so far beyond what a turning block reaches, mm. MACHINES.md 6.5. */
export const CLEAR_MM = 5;
/** Height over the axis that a wire must have while the block turns: half its diagonal, and a clearance. mm. */
export const safeHeight = ([, wide, high]: readonly [number, number, number]): number =>
  Math.hypot(wide, high) / 2 + CLEAR_MM;

/** Passes of one profile, or of two by turns, the block turned on its spindle between them while the wire stands beyond its half diagonal. */
export function turnedPath(
  job: JobOf<'turned'>,
  h: AtFeed,
  { warmUpS }: JobCut,
  found: Found,
): TurnedPath | null {
  const kerf = h.slot(h.advised);
  const plain = [job.profile, ...(job.sideProfile ? [job.sideProfile] : [])].map((p) => lineOver(job, p, kerf));
  if (plain.some((l) => l.length < 2)) {
    found.add('no-part', 'stop', null, { kerf });
    return null;
  }
  const fine = plain.map(openFine);
  const first = passesOver(job, h, warmUpS, fine);
  const allow = allowances(first, fine, kerf);
  const lines = fine.map((l, k) => lineShiftedBy(l, allow[k]!));
  const path = passesOver(job, h, warmUpS, lines);
  const after = allowances(path, lines, kerf);
  const axis = job.blockMm[2] / 2;
  const deviations = deviationsOf(cornersOf(job.toleranceMm, h), lines, allow, after, kerf, true);
  return {
    kind: 'turned',
    ...path,
    block: job.blockMm,
    lines,
    loops: [job.profile].map((p) => [
      ...p.map(([x, r]): Pt => [x, axis + r]),
      ...[...p].reverse().map(([x, r]): Pt => [x, axis - r]),
    ]),
    kerfMm: kerf,
    bridgesMm: null,
    deviations,
    core: null,
    head: [`${job.sides} sides, the block turned ${360 / job.sides} deg between them about its middle line`],
  };
}

/** Foam far under a profile, so that its lower edge is none of the line over it, mm. */
const DEEP = 1e4;

/** The wire's line over a profile, half a kerf off: from before the block's front to behind its back, at the profile's end radii there. */
function lineOver(job: JobOf<'turned'>, profile: readonly (readonly [number, number])[], kerf: number): Pt[] {
  const [long, , high] = job.blockMm;
  // A zero that stands above the axis is led that much lower.
  const base = high / 2 - job.zeroMm;
  const [x0, x1] = [-job.marginMm, long + job.marginMm];
  const far = kerf + 1;
  const top = profile.map(([x, r]): Pt => [x, base + r]);
  const under: Pt[] = [
    [x0 - far, base - DEEP],
    [x1 + far, base - DEEP],
    [x1 + far, top.at(-1)![1]],
    ...[...top].reverse(),
    [x0 - far, top[0]![1]],
  ];
  const loop = grownBy([under], kerf / 2)[0] ?? [];
  // The loop runs to the left over its top: from its lowest point on, and turned about.
  const low = loop.reduce((best, p, i) => (p[1] < loop[best]![1] ? i : best), 0);
  const line = [...loop.slice(low), ...loop.slice(0, low)]
    .filter(([x, y]) => y > base - DEEP / 2 && x > x0 && x < x1)
    .reverse();
  const from: Pt = [x0, top[0]![1] + kerf / 2];
  const to: Pt = [x1, top.at(-1)![1] + kerf / 2];
  return spaced([from, ...line, to]);
}

const spaced = (line: readonly Pt[]): Pt[] =>
  line.filter((p, i) => i === 0 || Math.hypot(p[0] - line[i - 1]![0], p[1] - line[i - 1]![1]) >= NEAREST_MM);

/** A line with points near the ends of its long edges, as a loop has them; what closes the loop is left out. */
function openFine(line: readonly Pt[]): Pt[] {
  const all = fineAt(line, []);
  return all.slice(0, all.indexOf(line.at(-1)!) + 1);
}

function passesOver(job: JobOf<'turned'>, h: AtFeed, warmUpS: number, lines: readonly (readonly Pt[])[]) {
  const [long, , high] = job.blockMm;
  const up =
    high / 2 + Math.max(safeHeight(job.blockMm), Math.max(...lines.flat().map((p) => p[1] - high / 2)));
  const course = new Course(job.machine, job.blockMm, job.marginMm);
  const corner = cornersOf(job.toleranceMm, h);
  const points: { line: number; point: number }[] = [];
  for (let k = 0; k < job.sides; k++) {
    const which = k % lines.length;
    const line = lines[which]!;
    // To and fro: the wire begins where the last pass left it.
    const order = line.map((_, i) => (k % 2 === 0 ? i : line.length - 1 - i));
    const x = k % 2 === 0 ? -job.marginMm : long + job.marginMm;
    course.nextPass(k);
    // Straight up first: what holds the block lies on the way across.
    course.rise(up);
    course.air(level([x, up]));
    if (k > 0) course.turn((360 / job.sides) * k);
    course.note(`side ${k + 1}`);
    course.air(level(line[order[0]!]!));
    if (k === 0) course.warm(warmUpS);
    order.slice(1).forEach((i, n) => {
      const [from, to] = [line[order[n]!]!, line[i]!];
      points[course.moves.length] = { line: which, point: i };
      course.cut(level(to), Math.hypot(to[0] - from[0], to[1] - from[1]) / h.advised, 'loop', which);
      const next = line[order[n + 2] ?? -1];
      if (next) course.wait(corner(turnAt([from, to, next], 1)).waitS);
    });
  }
  course.rise(up);
  course.cold();
  const { program, played } = course.played();
  return { program, played, ...ofCourse(course), cutting: cuttingOf(played, h), points };
}

/** How much further out each point must lie: half of what the kerf there is wider, the widest of all passes, mm. */
function allowances(
  path: Pick<JobPath, 'cutting'> & { readonly points: readonly { line: number; point: number }[] },
  lines: readonly (readonly Pt[])[],
  kerf: number,
): number[][] {
  const sum = lines.map((l) => l.map(() => ({ kerf: 0, n: 0 })));
  path.points.forEach(({ line, point }, i) => {
    const w = path.cutting.leftKerf[i]!;
    if (!Number.isFinite(w)) return;
    const of = sum[line]![point]!;
    of.kerf += w;
    of.n++;
  });
  return sum.map((l) => l.map(({ kerf: w, n }) => (n > 0 ? (w / n - kerf) / 2 : 0)));
}
