import type { Job, JobOf } from '../../documents/job';
import type { CoreDeviations, Deviation } from '../../documents/motion';
import type { Plan } from '../../documents/plan';
import { apart, arcs, between, type Pt } from '../../numeric/polyline';
import type { JobCut } from '../jobs/cut';
import { blankOf, type BlankPlan } from '../template/blank';
import { edgesOf, wantedOf } from '../template/ends';
import type { FeedSchedule, Slots } from '../template/feedSchedule';
import { forecastOf, type Allowed, type ProfileDeviation } from '../template/forecast';
import type { AtFeed } from '../template/heat';
import { levelOver } from '../template/mount';
import type { End, NominalSection } from '../template/nominalSection';
import { passesOf, type Line, type Pass } from '../template/passes';
import { pacedAndForeseen } from '../template/settle';
import { slantOf } from '../template/slant';
import { feedsOf, paceOptions } from '../template/template';
import { walkerOf } from '../template/walk';
import { allowedBy, shiftedPass, shiftsOf } from './coreShift';
import { Course, NEAREST_MM } from './course';
import type { Ends } from './ends';
import { cuttingOf } from './cutting';
import type { Found } from './judge';
import { ofCourse, type JobPath } from './path';
import type { Block, Played } from './play';

const ENDS = ['root', 'tip'] as const;
type Both<T> = Readonly<Record<End, T>>;

/** A core's path. `passes`: the lines that the wire's middle runs along on both faces, laid out as the sections are. */
export interface CorePath extends JobPath {
  readonly kind: 'core';
  readonly passes: readonly Pass[];
  /** What is wanted on the left and on the right face of the block. */
  readonly faces: readonly [readonly Pt[], readonly Pt[]];
  readonly forecast: readonly (readonly ProfileDeviation[])[];
}

const NO_EDGES = { top: null, bottom: null };
/** The plan as towers lead it: no hands, no templates that exist, and never turned over. */
export function planOnTowers(job: JobOf<'core'>, rig: Job['rig']): Plan {
  const { template } = job.plan;
  return {
    ...job.plan,
    rig,
    method: { kind: 'two-person' },
    template: {
      ...template,
      split: template.split === 'turned' ? 'top-bottom' : template.split,
      pinnedTo: 'core',
      cut: null,
      own: { root: NO_EDGES, tip: NO_EDGES },
    },
  };
}

/** How much wider foam and kerf are than across the wire, where the piece is swept. */
export function stretchOf(job: JobOf<'core'>, rig: Job['rig']): number {
  const plan = planOnTowers(job, rig);
  return slantOf(plan, wantedOf(plan, 'root'), wantedOf(plan, 'tip')).stretch;
}

/** A core led by towers: both faces' lines half a kerf off, each station at its second, shifted once more by what each face's own feed melts. */
export function corePath(job: JobOf<'core'>, h: AtFeed, cut: JobCut, found: Found): CorePath | null {
  const asked = planOnTowers(job, cut.rig);
  const wanted = { root: wantedOf(asked, 'root'), tip: wantedOf(asked, 'tip') };
  const stretch = slantOf(asked, wanted.root, wanted.tip).stretch;
  const none = edgesBy(wanted, { root: 0, tip: 0 });
  const feed = feedsOf(passesOf(asked, wanted.root, wanted.tip, none.root, none.tip), h);
  const slots: Slots = { root: h.slot(feed.root!), tip: h.slot(feed.tip!) };
  const sense = asked.template.round === 'inside' ? -1 : 1;
  const edges = edgesBy(wanted, { root: (sense * slots.root) / 2, tip: (sense * slots.tip) / 2 });
  const blank = blankOf(asked, wanted.root, wanted.tip, Math.max(slots.root, slots.tip), cut.e, stretch);
  const block = blockOf(asked, blank);
  const place = placer(asked, blank);
  if (!blank.fits) found.add('blank-too-small', 'fix', null, { ...blank.lacks });
  const plan = {
    ...asked,
    template: { ...asked.template, ...leadsOf(asked, edges, wanted, place, block, job.marginMm) },
  };
  const lines = passesOf(plan, wanted.root, wanted.tip, edges.root, edges.tip);
  const paced = lines.map((pass) => pacedAndForeseen(pass, h, slots, paceOptions(plan)).paced);
  const led = (passes: readonly Pass[]) => courseOver(job, passes, paced, place, block, cut.warmUpS);
  if (job.machine.right === null && lines.some((p) => !alike(p))) {
    found.add('ends-coupled', 'stop', null);
    return null;
  }
  // One more round: each face by the kerf of its own feed, as the machine takes it.
  const first = led(lines);
  const shifts = lines.map((pass, i) => shiftsOf(pass, first.taken[i]!, h, slots, sense));
  const shifted = lines.map((pass, i) => shiftedPass(pass, shifts[i]!));
  const last = led(shifted);
  const allowed = shifted.map((pass, i) => allowedBy(pass, shifts[i]!, slots, sense));
  const forecast = shifted.map((pass, i) => forecastOf(pass, last.taken[i]!, h, slots, allowed[i]!));
  const core = worstOf(forecast);
  const off = Math.max(...ENDS.map((e) => Math.abs(core[e].offMm)), Math.abs(core.middle.offMm));
  if (off > plan.toleranceMm) found.add('core-off', 'fix', null, { off, tolerance: plan.toleranceMm });
  const { program, played } = last;
  const loops = ENDS.map((e) => wanted[e].lay(wanted[e].loop).map(place));
  return {
    kind: 'core',
    program,
    played,
    ...ofCourse(last.course),
    cutting: cuttingOf(played, h),
    block,
    passes: shifted,
    forecast,
    loops,
    faces: job.rootAt === 'left' ? [loops[0]!, loops[1]!] : [loops[1]!, loops[0]!],
    kerfMm: slots.root,
    bridgesMm: null,
    deviations: told(forecast, allowed, place),
    core,
    head: [
      `root at the ${job.rootAt} tower, kerf ${slots.root.toFixed(2)} mm at the root and ${slots.tip.toFixed(2)} mm at the tip`,
    ],
  };
}

const edgesBy = (wanted: Both<NominalSection>, g: Both<number>) => ({
  root: edgesOf(wanted.root, { top: g.root, bottom: g.root }),
  tip: edgesOf(wanted.tip, { top: g.tip, bottom: g.tip }),
});

/** The block that a plan is cut from: its blank, or the smallest; as long across the wire as the piece. */
function blockOf(plan: Plan, blank: BlankPlan): Block {
  const { widthMm, heightMm } = plan.blank ?? blank.smallest;
  return [widthMm, plan.piece.spanMm, heightMm];
}

/** From where sections are laid out to the block's front lower edge: after its front margin, in the middle of its height. As templates are mounted. */
function placer(plan: Plan, blank: BlankPlan): (p: Pt) => Pt {
  const along = (plan.blank?.marginMm ?? 15) - blank.box.x0;
  const up = levelOver(plan, blank);
  return ([x, y]) => [x + along, y + up];
}

/** Ways in and out long enough that both ends begin and end outside the block. */
function leadsOf(
  plan: Plan,
  edges: ReturnType<typeof edgesBy>,
  wanted: Both<NominalSection>,
  place: (p: Pt) => Pt,
  block: Block,
  margin: number,
): { leadInMm: number; tailMm: number } {
  const ends = ENDS.flatMap((e) =>
    (['top', 'bottom'] as const).map((side) => wanted[e].lay(edges[e][side]).map(place)),
  );
  const tail = Math.max(...ends.map((l) => block[0] + margin - l.at(-1)![0]));
  const lead = Math.max(...ends.map((l) => l[0]![0] + margin));
  return { leadInMm: plan.template.split === 'outline' ? tail : lead, tailMm: tail };
}

const alike = (pass: Pass) =>
  pass.root.points.length === pass.tip.points.length &&
  pass.root.points.every((p, i) => apart(p, pass.tip.points[i]!) < NEAREST_MM);

/** All passes as a course, with the seconds that the machine takes from node to node. */
function courseOver(
  job: JobOf<'core'>,
  passes: readonly Pass[],
  paced: readonly FeedSchedule[],
  place: (p: Pt) => Pt,
  block: Block,
  warmUpS: number,
) {
  const course = new Course(job.machine, block, job.marginMm);
  const ofLeg: { pass: number; leg: number }[] = [];
  const ends = (e: { root: Pt; tip: Pt }): Ends => {
    const [root, tip] = [place(e.root), place(e.tip)];
    return job.rootAt === 'left' ? { left: root, right: tip } : { left: tip, right: root };
  };
  passes.forEach((pass, p) => {
    const walk = walkerOf(pass);
    course.nextPass(p);
    course.note(pass.side === 'outline' ? 'all round' : `${pass.side} pass`);
    course.air(ends(walk.endsAt(0, 0)));
    if (p === 0) course.warm(warmUpS);
    paced[p]!.legs.forEach((leg, i) => {
      const wait = paced[p]!.waits.find((w) => w.node === i)?.seconds ?? 0;
      if (pass.nodes[i]!.kind === 'station') course.note(`station ${pass.nodes[i]!.n}`);
      course.wait(wait);
      let was = 0;
      for (const share of sharesOf(pass, i)) {
        ofLeg[course.moves.length] = { pass: p, leg: i };
        course.cut(ends(walk.endsAt(i, share)), (share - was) * leg.seconds);
        was = share;
      }
    });
  });
  course.cold();
  const { program, played } = course.played();
  const taken = paced.map((plan, p) => takenAs(plan, secondsOf(played, ofLeg, p)));
  return { course, program, played, taken };
}

/** Shares of a leg at which either face's line has a point, its end among them; nearer ones than a motor's step are one. */
function sharesOf(pass: Pass, i: number): number[] {
  const at = (line: Line) => {
    const [a, b] = [line.nodes[i]!, line.nodes[i + 1]!];
    const along = arcs(line.points);
    return b > a ? [...along].filter((s) => s > a && s < b).map((s) => (s - a) / (b - a)) : [];
  };
  const long = Math.max(
    pass.root.nodes[i + 1]! - pass.root.nodes[i]!,
    pass.tip.nodes[i + 1]! - pass.tip.nodes[i]!,
  );
  const least = long > 0 ? NEAREST_MM / long : 1;
  const out: number[] = [];
  for (const s of [...at(pass.root), ...at(pass.tip)].sort((a, b) => a - b))
    if (s - (out.at(-1) ?? 0) > least && 1 - s > least) out.push(s);
  return [...out, 1];
}

function secondsOf(
  p: Played,
  ofLeg: readonly { pass: number; leg: number }[],
  pass: number,
): Map<number, number> {
  const sum = new Map<number, number>();
  ofLeg.forEach((of, i) => {
    if (of.pass === pass) sum.set(of.leg, (sum.get(of.leg) ?? 0) + p.takes[i]!);
  });
  return sum;
}

/** A pace with the seconds that the machine takes in place of those it was asked for. */
function takenAs(paced: FeedSchedule, seconds: ReadonlyMap<number, number>): FeedSchedule {
  const legs = paced.legs.map((leg, i) => {
    const takes = seconds.get(i) ?? leg.seconds;
    return { ...leg, seconds: takes, feed: Math.max(leg.root, leg.tip) / takes };
  });
  const arrive = [0];
  const leave: number[] = [];
  for (let i = 0; i <= legs.length; i++) {
    leave.push(arrive[i]! + (paced.waits.find((w) => w.node === i)?.seconds ?? 0));
    if (i < legs.length) arrive.push(leave[i]! + legs[i]!.seconds);
  }
  return { ...paced, legs, arrive, leave, seconds: leave.at(-1)! };
}

function worstOf(forecast: readonly (readonly ProfileDeviation[])[]): CoreDeviations {
  const of = (where: 'root' | 'middle' | 'tip') => {
    let worst = { offMm: 0, station: 0, pass: 0 };
    forecast.forEach((list, pass) => {
      for (const f of list)
        if (Math.abs(f[where]) > Math.abs(worst.offMm)) worst = { offMm: f[where], station: f.at, pass };
    });
    return worst;
  };
  return { root: of('root'), middle: of('middle'), tip: of('tip') };
}

/** A deviation that is less is not told, mm; so many are. */
const TELL_MM = 0.02;
const MOST_TOLD = 12;

/** The largest deviations of faces and middle, one from station to station. */
function told(
  forecast: readonly (readonly ProfileDeviation[])[],
  allowed: readonly Allowed[],
  place: (p: Pt) => Pt,
): Deviation[] {
  const best = new Map<string, Deviation>();
  forecast.forEach((list, pass) => {
    for (const f of list)
      for (const where of ['root', 'middle', 'tip'] as const) {
        const offMm = f[where];
        const key = `${pass} ${where} ${Math.floor(f.at)}`;
        if (Math.abs(offMm) < Math.max(TELL_MM, Math.abs(best.get(key)?.offMm ?? 0))) continue;
        const p = where === 'middle' ? between(f.rootAt, f.tipAt, 0.5) : where === 'root' ? f.rootAt : f.tipAt;
        const [x, y] = place(p);
        const why = where === 'middle' ? (Math.abs(f.lag) > Math.abs(f.bulge) ? 'lag' : 'taper') : 'slow';
        const given = where === 'middle' ? 0 : allowed[pass]!({ root: f.rootAt, tip: f.tipAt })[where];
        const values: Deviation['values'] =
          why === 'slow'
            ? { allowedMm: given, kerfMm: given - 2 * offMm }
            : { station: f.at, lagMm: f.lag, bulgeMm: f.bulge };
        best.set(key, { at: [x, y], loop: pass, offMm, why, values });
      }
  });
  return [...best.values()].sort((a, b) => Math.abs(b.offMm) - Math.abs(a.offMm)).slice(0, MOST_TOLD);
}
