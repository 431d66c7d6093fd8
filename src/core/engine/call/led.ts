import type { FeedSchedule, Leg } from '../template/feedSchedule';
import { forecastOf, type ProfileDeviation } from '../template/forecast';
import type { AtFeed } from '../template/heat';
import type { Pass, PassSide } from '../template/pass';
import type { TemplatePlan } from '../template/templatePlan';

/** Seconds at which the one who leads marked a pass: each station in turn, the first one 0. */
export interface Marks {
  readonly side: PassSide;
  readonly seconds: readonly number[];
}

/** One way from station to station as it was led: feeds of both ends, mm/s, and on which side it left the window of clean feeds. */
export interface LedLeg {
  readonly n: number;
  readonly seconds: number;
  readonly planned: number;
  readonly root: number;
  readonly tip: number;
  readonly left: 'fast' | 'slow' | null;
}

/** A pass as it was led by feel, and what that did to the core. */
export interface LedPass {
  readonly side: PassSide;
  readonly legs: readonly LedLeg[];
  readonly forecast: readonly ProfileDeviation[];
  /** Beside what the same templates give at the plan's own pace: where it differs most, mm, at which station and end; null where all of it was dragged. */
  readonly worst: {
    readonly off: number;
    readonly at: number;
    readonly where: 'root' | 'middle' | 'tip';
  } | null;
  /** Whether it was led faster than the max feed anywhere: what a dragged wire does is not foretold. */
  readonly dragged: boolean;
  readonly window: { readonly slowest: number; readonly fastest: number };
}

/** Least time between two marks that is believed, s: a bounce of the hand is shorter. Ours. */
export const LEAST_MARK_S = 0.25;

/** The stations of a pass: which node each is, and its number. */
export const stationsOf = (nodes: Pass['nodes']) =>
  nodes.flatMap((node, i) => (node.kind === 'station' ? [{ i, n: node.n }] : []));

/**
 * The pace of a pass by its marks: every stretch between two stations led evenly, corners between them by their share of the longer end's way;
 * lead-in and lead-out go on as the stretch beside them. Null where marks are missing, or do not rise.
 */
export function ledSchedule(
  pass: Pick<Pass, 'nodes' | 'root' | 'tip'>,
  marks: readonly number[],
): FeedSchedule | null {
  const stations = stationsOf(pass.nodes);
  if (marks.length !== stations.length || marks.some((s, k) => k > 0 && !(s - marks[k - 1]! >= LEAST_MARK_S)))
    return null;
  const way = (line: Pass['root'], i: number) => (line.nodes[i + 1] ?? line.nodes[i]!) - line.nodes[i]!;
  const long = (i: number) => Math.max(way(pass.root, i), way(pass.tip, i));
  const last = pass.nodes.length - 1;
  const feeds = new Array<number>(last).fill(0);
  stations.forEach((s, k) => {
    const next = stations[k + 1];
    if (!next) return;
    let whole = 0;
    for (let i = s.i; i < next.i; i++) whole += long(i);
    for (let i = s.i; i < next.i; i++) feeds[i] = whole / (marks[k + 1]! - marks[k]!);
  });
  const [first, end] = [stations[0]!.i, stations.at(-1)!.i];
  for (let i = 0; i < first; i++) feeds[i] = feeds[first]!;
  for (let i = end; i < last; i++) feeds[i] = feeds[end - 1]!;
  const legs = feeds.map((feed, i): Leg => ({
    feed,
    seconds: long(i) / feed,
    root: way(pass.root, i),
    tip: way(pass.tip, i),
    slowed: false,
    meets: true,
  }));
  const arrive = [0];
  for (const leg of legs) arrive.push(arrive.at(-1)! + leg.seconds);
  return { legs, waits: [], arrive, leave: arrive, seconds: arrive.at(-1)! };
}

/** What came of passes that were led by feel, those whose marks are whole. */
export function ledOut(t: TemplatePlan, marks: readonly Marks[]): LedPass[] {
  const h = t.heat;
  if (!h) return [];
  return marks.flatMap(({ side, seconds }): LedPass[] => {
    const planned = t.passes.find((p) => p.pass.side === side);
    const led = planned && ledSchedule(planned.pass, seconds);
    if (!planned?.paced || !led) return [];
    const legs = legsOf(planned.pass, led, planned.paced, h);
    const forecast = forecastOf(planned.pass, led, h, t.slots, t.allowing?.(side) ?? (() => t.slots));
    return [
      {
        side,
        legs,
        forecast,
        worst: worstOf(forecast, planned.forecast, legs),
        dragged: legs.some((l) => l.left === 'fast'),
        window: { slowest: h.slowest, fastest: h.fastest },
      },
    ];
  });
}

function legsOf(pass: Pass, led: FeedSchedule, planned: FeedSchedule, h: AtFeed): LedLeg[] {
  const stations = stationsOf(pass.nodes);
  return stations.slice(0, -1).map((s, k) => {
    const next = stations[k + 1]!;
    const seconds = led.arrive[next.i]! - led.arrive[s.i]!;
    const sum = (end: 'root' | 'tip') => {
      let all = 0;
      for (let i = s.i; i < next.i; i++) all += led.legs[i]![end];
      return all / seconds;
    };
    const [root, tip] = [sum('root'), sum('tip')];
    return {
      n: s.n,
      seconds,
      planned: planned.arrive[next.i]! - planned.arrive[s.i]!,
      root,
      tip,
      left: Math.max(root, tip) > h.fastest ? 'fast' : Math.min(root, tip) < h.slowest ? 'slow' : null,
    };
  });
}

/** The middle trails for so many ways after one that was too fast. Ours. */
const TRAILS = 3;

function worstOf(
  led: readonly ProfileDeviation[],
  planned: readonly ProfileDeviation[],
  legs: readonly LedLeg[],
): LedPass['worst'] {
  const dragged = (at: number) => legs.some((l) => l.left === 'fast' && at >= l.n && at <= l.n + 1 + TRAILS);
  let worst: LedPass['worst'] = null;
  led.forEach((f, i) => {
    if (dragged(f.at)) return;
    for (const where of ['root', 'middle', 'tip'] as const) {
      const off = f[where] - planned[i]![where];
      if (!worst || Math.abs(off) > Math.abs(worst.off)) worst = { off, at: f.at, where };
    }
  });
  return worst;
}
