import { stationsOf, type LedLeg } from '@/core/engine/call/led';
import type { PassView, PlanView } from '@/core/engine/template/view';

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

/** Stations over which the pace left the clean feeds on one side, with the feeds that went furthest, mm/s. */
export interface Outside {
  readonly from: number;
  readonly to: number;
  readonly left: 'fast' | 'slow';
  readonly seconds: number;
  readonly planned: number;
  readonly root: number;
  readonly tip: number;
}

/** Ways that lie beside one another and left the clean feeds on the same side, as one. */
export function outsideOf(legs: readonly LedLeg[]): Outside[] {
  const out: Outside[] = [];
  for (const { n, left, seconds, planned, root, tip } of legs) {
    if (!left) continue;
    const before = out.at(-1);
    if (!before || before.to !== n || before.left !== left) {
      out.push({ from: n, to: n + 1, left, seconds, planned, root, tip });
      continue;
    }
    const further = left === 'fast' ? Math.max : Math.min;
    out[out.length - 1] = {
      ...before,
      to: n + 1,
      seconds: before.seconds + seconds,
      planned: before.planned + planned,
      root: further(before.root, root),
      tip: further(before.tip, tip),
    };
  }
  return out;
}
