import type { RunEvent } from '../../documents/event';
import type { PassView, PlanView } from '../template/view';
import { stationsOf, type Marks } from './led';

/** A way from one station to the next: its seconds by the plan, and the least and most that are clean at both ends. */
export interface Between {
  readonly planned: number;
  readonly shortest: number;
  readonly longest: number;
}

/** The ways between the stations of a pass; without a window of feeds all times are clean. */
export function legsBetween(pass: PassView, view: Pick<PlanView, 'fastest' | 'slowest'>): Between[] {
  const stations = stationsOf(pass.nodes);
  return stations.slice(0, -1).map(({ i }, k) => {
    const next = stations[k + 1]!.i;
    const way = (end: 'root' | 'tip') => pass.lines[end].nodes[next]! - pass.lines[end].nodes[i]!;
    const [root, tip] = [way('root'), way('tip')];
    return {
      planned: pass.arrive[next]! - pass.arrive[i]!,
      shortest: view.fastest ? Math.max(root, tip) / view.fastest : 0,
      longest: view.slowest ? Math.min(root, tip) / view.slowest : Infinity,
    };
  });
}

/** How a pair leads a piece by feel, to call it by: seconds at each station of every pass, and at how many ways it is held within the clean feeds. */
export interface PairPace {
  readonly marks: readonly Marks[];
  readonly runs: number;
  readonly ways: number;
  readonly held: number;
}

/** So many of the last runs count: hands change. Ours. */
const LAST = 3;

/**
 * The pace of the pair that led this piece by feel, with heat and to the end: each way between two stations by the geometric mean of its seconds in
 * the last runs, but never outside the clean feeds. Null where a pass was not led so, or has other stations now.
 */
export function pairPace(
  view: Pick<PlanView, 'passes' | 'fastest' | 'slowest'>,
  runs: readonly RunEvent[],
): PairPace | null {
  const hot = runs.filter((r) => r.finished && !r.rehearsal && r.led.length > 0).slice(-LAST);
  if (hot.length === 0) return null;
  let held = 0;
  let ways = 0;
  const marks: Marks[] = [];
  for (const pass of view.passes) {
    const legs = legsBetween(pass, view);
    const led = hot.flatMap((r) =>
      r.led.filter((l) => l.side === pass.side && l.seconds.length === legs.length + 1).map((l) => l.seconds),
    );
    if (led.length === 0) return null;
    const seconds = [0];
    legs.forEach((leg, k) => {
      const logs = led.map((s) => Math.log(Math.max(1e-3, s[k + 1]! - s[k]!)));
      const own = Math.exp(logs.reduce((a, b) => a + b, 0) / logs.length);
      // A taper so strong that no time is clean at both ends goes as planned.
      const clean =
        leg.shortest > leg.longest ? leg.planned : Math.min(leg.longest, Math.max(leg.shortest, own));
      if (Math.abs(clean - own) > 1e-9) held++;
      ways++;
      seconds.push(seconds[k]! + clean);
    });
    marks.push({ side: pass.side, seconds });
  }
  return { marks, runs: hot.length, ways, held };
}

/** A pass as it is called by another pace: all that lies between two stations is stretched with them, lead-in and lead-out as the way beside them. */
export function pacedBy(pass: PassView, seconds: readonly number[]): PassView {
  const stations = stationsOf(pass.nodes);
  const at = stations.map((s) => pass.arrive[s.i]!);
  const times = at.slice(1).map((t, k) => (seconds[k + 1]! - seconds[k]!) / (t - at[k]!));
  const wayOf = (i: number) => {
    const k = stations.findLastIndex((s) => s.i <= i);
    return Math.min(times.length - 1, Math.max(0, k));
  };
  const start = at[0]! * times[0]!;
  const moved = (t: number, i: number) => {
    if (i < stations[0]!.i) return t * times[0]!;
    const k = wayOf(i);
    return start + seconds[k]! + (t - at[k]!) * times[k]!;
  };
  return {
    ...pass,
    arrive: pass.arrive.map(moved),
    leave: pass.leave.map(moved),
    legs: pass.legs.map((leg, i) => {
      const by = times[wayOf(i)]!;
      return { ...leg, seconds: leg.seconds * by, feed: leg.feed / by };
    }),
    waits: pass.waits.map((w) => ({ ...w, seconds: w.seconds * times[wayOf(w.node)]! })),
  };
}

/** A plan's view with its passes called at a pair's own pace. */
export function viewPacedBy(view: PlanView, pace: PairPace): PlanView {
  const passes = view.passes.map((p, i) => pacedBy(p, pace.marks[i]!.seconds));
  return { ...view, passes, seconds: passes.reduce((sum, p) => sum + (p.arrive.at(-1) ?? 0), 0) };
}
