import type { JobOf } from '../../documents/job';
import { arcs, type Pt } from '../../numeric/polyline';
import type { FeedSchedule } from '../template/feedSchedule';
import type { Line, Pass } from '../template/pass';
import { walkerOf } from '../template/walk';
import { Course, NEAREST_MM } from './course';
import type { Ends } from './ends';
import type { Block, Played } from './play';

/** All passes as a course, with the seconds that the machine takes from node to node. */
export function courseOver(
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
