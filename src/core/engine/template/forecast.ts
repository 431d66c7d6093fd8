import type { Pt } from '../../numeric/polyline';
import { kerfAlong } from './dwell';
import type { AtFeed } from './heat';
import type { Pass } from './pass';
import { towards } from './trail';
import { coreSide, walkerOf } from './walk';
import type { FeedSchedule, Slots } from './feedSchedule';

/** What the core will be at one place of the outline: mm beyond (over 0) or short of what is wanted. */
export interface ProfileDeviation {
  /** Station, with the fraction to the next. */
  readonly at: number;
  /** The leg of the pace it lies on. */
  readonly leg: number;
  readonly root: number;
  readonly middle: number;
  readonly tip: number;
  /** Of the middle's: what the lag does, and what the taper does. */
  readonly lag: number;
  readonly bulge: number;
  /** Where it lies at the root and the tip, for drawing. */
  readonly rootAt: Pt;
  readonly tipAt: Pt;
}
/** Samples from node to node. */
const BETWEEN = 3;
const MOST_STEPS = 5000;

interface Trace {
  readonly t: Float64Array;
  readonly m: Pt[];
}

/** The way of the middle over a pass, stepped in even times. */
function traceOf(pass: Pass, paced: FeedSchedule, h: AtFeed): Trace {
  const walk = walkerOf(pass);
  const lag = h.lag(h.advised);
  const dt = Math.max(paced.seconds / MOST_STEPS, Math.min(lag / h.advised / 40, 0.25) || 0.05);
  const n = Math.ceil(paced.seconds / dt);
  const t = new Float64Array(n + 1);
  const m: Pt[] = [];
  const first = walk.middleAt(0, 0);
  const ahead = walk.middleAt(0, 0.01);
  const run = Math.hypot(ahead[0] - first[0], ahead[1] - first[1]) || 1;
  let p: Pt = [first[0] - (lag * (ahead[0] - first[0])) / run, first[1] - (lag * (ahead[1] - first[1])) / run];
  let leg = 0;
  for (let k = 0; k <= n; k++) {
    // The ends as they stood when the step began: with those where it ends a lag would come out a step short.
    const now = Math.min((k - 1) * dt, paced.seconds);
    while (leg < walk.count - 1 && now > paced.arrive[leg + 1]!) leg++;
    const share = Math.min(1, Math.max(0, (now - paced.leave[leg]!) / (paced.legs[leg]!.seconds || 1)));
    if (k > 0) p = towards(p, walk.middleAt(leg, share), h.pace, dt);
    t[k] = k * dt;
    m.push(p);
  }
  return { t, m };
}

/** Signed distance of a traced way from a point, along its outward normal; looked for from a time on. */
function offAt(trace: Trace, at: Pt, out: Pt, from: number, reach: number): number {
  const dt = trace.t[1]! - trace.t[0]!;
  const start = Math.max(1, Math.floor(from / dt));
  let best = Infinity;
  let off = 0;
  for (let k = start; k < trace.m.length; k++) {
    const a = trace.m[k - 1]!;
    const b = trace.m[k]!;
    const vx = b[0] - a[0];
    const vy = b[1] - a[1];
    const run = vx * vx + vy * vy;
    const s = run > 0 ? Math.min(1, Math.max(0, ((at[0] - a[0]) * vx + (at[1] - a[1]) * vy) / run)) : 0;
    const dx = a[0] + s * vx - at[0];
    const dy = a[1] + s * vy - at[1];
    const d = dx * dx + dy * dy;
    if (d < best) {
      best = d;
      off = Math.sign(dx * out[0] + dy * out[1]) * Math.sqrt(d);
    }
    if (d > (best + reach) * 4 + reach * reach && k > start + 4 && best < reach * reach) break;
  }
  return off;
}

/** The kerf that templates allow for at a place of both ends, laid out, mm. */
export type Allowed = (ends: { readonly root: Pt; readonly tip: Pt }) => Slots;

/** The forecast core along a pass, beside what its templates allow for: kerf at each end by its own feed there, the middle's lag, the taper's bulge, what standing melts. */
export function forecastOf(
  pass: Pass,
  paced: FeedSchedule,
  h: AtFeed,
  w: Slots,
  allowed: Allowed = () => w,
): ProfileDeviation[] {
  const walk = walkerOf(pass);
  const trace = traceOf(pass, paced, h);
  const side = coreSide(pass);
  const rootKerf = kerfAlong(paced, h, w.root, walk.root);
  const tipKerf = kerfAlong(paced, h, w.tip, walk.tip);
  const middleKerf = kerfAlong(paced, h, (w.root + w.tip) / 2, (i) => (walk.root(i) + walk.tip(i)) / 2);
  const reach = 4 * h.lag(h.advised) + 2;
  const out: ProfileDeviation[] = [];
  for (let i = 1; i < walk.count; i++) {
    const leg = paced.legs[i]!;
    if (pass.nodes[i + 1]!.kind === 'out') {
      out.push(sample(i, 0, walk.count - 1 === i ? paced.legs[i - 1]! : leg));
      break;
    }
    for (let k = 0; k <= BETWEEN; k++) out.push(sample(i, k / (BETWEEN + 1), leg));
  }
  return out;

  function sample(i: number, share: number, leg: FeedSchedule['legs'][number]): ProfileDeviation {
    const wait = share === 0 ? paced.waits.find((x) => x.node === i) : undefined;
    const melted = wait && wait.seconds > 0 ? wait.melts : 0;
    const at = walk.middleAt(i, share);
    const [bi, bs] = share === 0 ? [i - 1, 0.97] : [i, share - 0.02];
    const back = walk.middleAt(bi, bs);
    const ahead = walk.middleAt(i, share + 0.03);
    const run = Math.hypot(ahead[0] - back[0], ahead[1] - back[1]) || 1;
    const ux = (ahead[0] - back[0]) / run;
    const uy = (ahead[1] - back[1]) / run;
    const normal: Pt = side === 1 ? [-uy, ux] : [uy, -ux];
    const time = paced.leave[i]! + share * leg.seconds;
    const lag = offAt(trace, at, normal, (share === 0 ? paced.arrive[i]! : time) - 0.2, reach);
    const ends = walk.endsAt(i, share);
    const given = allowed(ends);
    const bulge = (given.root + given.tip) / 4 - middleKerf.at(i, share) / 2;
    const next = pass.nodes[i + 1]!;
    const node = pass.nodes[i]!;
    const whole = next.kind === 'station' && node.kind === 'station';
    return {
      leg: i,
      at: node.n + (whole ? share : 0.5 * share),
      root: -(rootKerf.at(i, share) - given.root) / 2 - melted,
      tip: -(tipKerf.at(i, share) - given.tip) / 2 - melted,
      middle: bulge + lag - melted,
      lag,
      bulge,
      rootAt: ends.root,
      tipAt: ends.tip,
    };
  }
}
