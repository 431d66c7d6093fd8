import { edgeBetween } from '../numeric/edge';
import { ALLOY_IDS } from '../catalog/alloys';
import type { Rig } from '../documents/rig';
import { evaluate, heldAnew } from './evaluate';
import { BUCKLING, STRESS } from './findings/tension';
import { dialForIdle, feedPatch, shorterFor } from './findings/patches';
import type { Patch } from './findings/draft';
import { merge } from './merge';
import { barOf } from './takeUp';
import type { Evaluation } from './evaluation';

/** The pull, as it is set, between what lags too far (or hangs slack) and what is stressed too much. N. */
export interface PullBand {
  /** Least pull; null where none is enough. */
  readonly lowN: number | null;
  readonly lowBy: 'slack' | 'lag';
  readonly highN: number;
  readonly highBy: 'stress' | 'spring' | 'bar';
  /** Pull at which the wire begins to take a set, and at which it is refused. */
  readonly setsN: number;
  readonly refusedN: number;
  readonly open: boolean;
}

/** The most a document may hold, N. */
const MOST = 5000;

/** The band of pulls that a rig allows, each edge found on the whole tension by halving; null where nothing hot is known. */
export function pullBand(e: Evaluation): PullBand | null {
  if (e.off || e.tension.hotN === null) return null;
  const at = (setN: number) => withPull(e, setN);
  const edge = (over: (x: Evaluation) => boolean) => {
    if (!over(at(MOST))) return MOST;
    return edgeBetween((setN) => !over(at(setN)), 0, MOST, 44);
  };
  const { lagLimitMm, lagSeenMm } = e.s.rig.cut;
  const taut = edge((x) => x.tension.hotN! > 0);
  const lags = (x: Evaluation) => x.tension.lag === null || x.tension.lag * 1000 <= lagLimitMm;
  const still =
    lagSeenMm !== null || e.tension.drag === null ? taut : edge((x) => x.tension.hotN! > 0 && lags(x));
  const enough = still < MOST;
  const highs = [
    { by: 'stress' as const, n: edge((x) => x.tension.use > STRESS.high) },
    { by: 'spring' as const, n: edge((x) => past(x)) },
    { by: 'bar' as const, n: edge((x) => buckles(x)) },
  ];
  const high = highs.reduce((a, b) => (b.n < a.n ? b : a));
  return {
    lowN: enough ? still : null,
    lowBy: still > taut * 1.001 ? 'lag' : 'slack',
    highN: high.n,
    highBy: high.by,
    setsN: edge((x) => x.tension.yieldUse > STRESS.yield),
    refusedN: edge((x) => x.tension.use > STRESS.over),
    open: enough && still < high.n,
  };
}

/** The rig with another pull. No heat is solved anew. */
export function withPull(e: Evaluation, setN: number): Evaluation {
  return heldAnew(e, { ...e.s.rig, tension: { ...e.s.rig.tension, setN } });
}

function past({ s, tension }: Evaluation): boolean {
  const { safeN } = tension.takeUp;
  return s.rig.tension.kind === 'spring' && safeN !== null && tension.mostN > safeN;
}

function buckles({ s, tension }: Evaluation): boolean {
  const f = barOf(s, tension.mostN);
  return f !== null && f.bar > BUCKLING * f.bucklesN;
}

/** A way out of a rig that no pull suits. */
export interface WayOut {
  readonly by: 'slower' | 'cooler' | 'shorter' | 'alloy';
  readonly patch: Patch;
  readonly band: PullBand;
}

/** What gives a rig a band of pulls that it does not have: slower, cooler, shorter wire, a stronger alloy; each one tried. */
export function waysOut(e: Evaluation): WayOut[] {
  const { s } = e;
  const fastest = e.window.fastest?.feed;
  const tries: [WayOut['by'], Patch | null][] = [
    ...[0.7, 0.5, 0.35].map((r): [WayOut['by'], Patch | null] => [
      'slower',
      fastest ? feedPatch(r * fastest, 'down') : null,
    ]),
    ...[0.85, 0.7].map((k): [WayOut['by'], Patch | null] => ['cooler', dialForIdle(s, k * e.idle.airC)]),
    ['shorter', fastest ? shorterFor(s, fastest * 1.15) : null],
    ...ALLOY_IDS.filter((a) => a !== s.rig.wire.alloy && s.rig.wire.measuredOhm === null).map(
      (alloy): [WayOut['by'], Patch | null] => ['alloy', { wire: { alloy } }],
    ),
  ];
  const out: WayOut[] = [];
  for (const [by, patch] of tries) {
    if (!patch || out.some((w) => w.by === by)) continue;
    const then = evaluate(merge(s.rig, patch) as Rig);
    const band = pullBand(then);
    if (band?.open && then.window.fastest && then.idle.airC < then.s.alloy.limitC)
      out.push({ by, patch, band });
  }
  return out;
}
