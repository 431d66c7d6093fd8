import type { PassView } from '../template/view';
import { REST_BEFORE_NOSE } from '../template/pieces';

/** What is heard at a moment of a pass: the name of a clip (public/voice), and what it stands for. */
export interface Cue {
  /** Seconds after the start of the pass's own clock. */
  readonly at: number;
  readonly clip: string;
  readonly kind: 'count' | 'station' | 'fraction' | 'early' | 'wait' | 'end' | 'tick';
  readonly n: number;
}
/** A pass as it is called: its cues, the second of each node, and how long it is. */
export interface CallSheet {
  readonly cues: readonly Cue[];
  /** Second of each node, after the count-in and with the rest before the nose. */
  readonly reach: readonly number[];
  readonly leave: readonly number[];
  readonly seconds: number;
}

/** Seconds of "get ready, three, two, one" before the wire moves; of the rest before the nose. Ours. */
export const COUNT_IN = 6;
export const REST_S = 2;
/** Words are kept apart by this. */
const APART = 0.95;
/** A corner or spar slot is announced so long before, at the first of these that is free. */
const EARLY = [3, 3.5, 4, 2.5, 4.5, 2];
/** From this long between two stations halves are called, from this long quarters. */
const HALVES = 3;
const QUARTERS = 7;

/** The clip of a number, 0 to 120. */
export const numberClip = (n: number) => `n${n}`;

/** The rest before the nose, seconds; none where the lead-in is too short for one, or a single outline comes in at the tail. */
export function restOf(pass: PassView): number {
  const lead = pass.lines.root.nodes[1] ?? 0;
  return pass.side !== 'outline' && lead > REST_BEFORE_NOSE + 2 ? REST_S : 0;
}

/**
 * The call of a pass: count-in, every station at its second with the fractions between, a tick a second, the coming corner, spar slot or
 * tail announced early, waits, power off. Words that would fall on one another give way: stations never do.
 */
export function callSheet(pass: PassView): CallSheet {
  const rest = restOf(pass);
  const lead = pass.legs[0]?.seconds ?? 0;
  const way = pass.lines.root.nodes[1] ?? 1;
  const restAt = rest > 0 ? COUNT_IN + lead * (1 - REST_BEFORE_NOSE / way) : 0;
  const shift = (i: number) => COUNT_IN + (i > 0 ? rest : 0);
  const reach = pass.arrive.map((t, i) => t + shift(i));
  const leave = pass.leave.map((t, i) => t + shift(i));
  const seconds = reach[reach.length - 1] ?? 0;
  const cues: Cue[] = [];
  const put = (at: number, clip: string, kind: Cue['kind'], n: number) => {
    const first = kind === 'station' || kind === 'end' || kind === 'count' || kind === 'wait';
    const free = first || cues.every((c) => Math.abs(c.at - at) >= APART);
    if (free) cues.push({ at, clip, kind, n });
    return free;
  };
  [
    ['ready', 0],
    ['n3', 3],
    ['n2', 4],
    ['n1', 5],
    ['start', COUNT_IN],
  ].forEach(([clip, at]) => put(at as number, clip as string, 'count', -1));
  const stations = pass.nodes.flatMap((node, i) =>
    node.kind === 'station' ? [{ i, n: node.n, at: reach[i]! }] : [],
  );
  stations.forEach((s, k) =>
    put(s.at, k === 0 && pass.side !== 'outline' ? 'nose' : numberClip(s.n), 'station', s.n),
  );
  put(seconds, 'power-off', 'end', -1);
  const last = stations[stations.length - 1];
  if (last) put(last.at + 1.2, 'tail', 'early', last.n);
  if (rest > 0) {
    put(restAt, 'rest', 'wait', 0);
    put(restAt + rest, 'go', 'wait', 0);
  }
  for (const w of pass.waits) {
    if (w.seconds <= 0) continue;
    if (w.seconds > 2 * APART) put(reach[w.node]! + APART, 'wait', 'wait', w.n);
    put(leave[w.node]!, 'go', 'wait', w.n);
    EARLY.some((s) => put(reach[w.node]! - s, 'corner', 'early', w.n));
  }
  stations.forEach((s, k) => {
    const next = stations[k + 1];
    if (!next) return;
    const from = leave[s.i]!;
    const between = next.at - from;
    const share = (f: number, clip: string) => put(from + f * between, clip, 'fraction', s.n);
    if (between >= HALVES) share(0.5, 'half');
    if (between >= QUARTERS) {
      share(0.25, 'quarter');
      share(0.75, 'three-quarters');
    }
  });
  for (let t = Math.ceil(COUNT_IN); t < seconds; t++) cues.push({ at: t, clip: 'tick', kind: 'tick', n: -1 });
  cues.sort((a, b) => a.at - b.at);
  return { cues, reach, leave, seconds };
}
