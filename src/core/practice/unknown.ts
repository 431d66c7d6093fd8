import type { BenchTrace, HiddenFault, Loss, PracticeScore } from '../documents/practice';
import { loggedCutSchema, logSchema, type LoggedCut, type Seen } from '../documents/log';
import { seeded } from '../numeric/seeded';
import type { Rig } from '../documents/rig';
import { evaluate } from '../engine/evaluate';
import { heatSettings } from '../engine/firstHeat/plan';
import { EDGE } from '../engine/window';
import { tune } from '../engine/advise';
import { faultsFor, hiddenBench, meterOn, withFault, type HiddenBench } from './hidden';

/** What a test cut on a hidden bench shows. */
export interface TestCut {
  readonly feedMmS: number;
  readonly grade: 'too-cold' | 'good' | 'too-hot';
  readonly seen: readonly Seen[];
  /** As a calliper reads it, to a twentieth of a millimetre; null where the wire dragged. */
  readonly kerfMm: number | null;
}

/** A calliper in foam, mm. Common practice, no source. */
const CALLIPER = 0.05;

const atFeed = (rig: Rig, feedMmS: number | null): Rig => ({
  ...rig,
  cut: { ...rig.cut, feedMmS, lagSeenMm: null },
});

/** A cut of an offcut on a hidden bench, long enough to settle. `n` cuts were made before: the calliper reads anew each time. */
export function testCut(bench: HiddenBench, feedMmS: number, n: number): TestCut {
  const e = evaluate(atFeed(bench.truth, feedMmS));
  const max = e.window.fastest?.feed;
  const ratio = max ? feedMmS / 1000 / max : Infinity;
  if (ratio > 1 || !e.cut) return { feedMmS, grade: 'too-cold', seen: ['drag-lines', 'ragged'], kerfMm: null };
  const hot = e.window.slowest !== null && feedMmS / 1000 < e.window.slowest;
  const noise = CALLIPER * (2 * seeded(n * 31 + 7)() - 1);
  const kerf = Math.round((e.cut.width * 1000 + noise) / CALLIPER) * CALLIPER;
  const smokes = e.cut.foamC > (e.s.melt?.fumeC ?? Infinity);
  const seen: Seen[] = hot ? [smokes ? 'smoke' : 'grooves'] : ratio > EDGE ? ['drag-lines'] : ['hairs'];
  return { feedMmS, grade: hot ? 'too-hot' : 'good', seen, kerfMm: Number(kerf.toFixed(2)) };
}

/** Test cuts that cost nothing and what each further one costs; a wrong fault. All ours. */
const FREE_CUTS = 4;
const CUT = 6;
const WRONG_FAULT = 40;
/** A max feed within this share is found; at this share it is lost whole, for so many points. */
const FOUND = 0.1;
const MISSED = 0.5;
const LIMIT = 50;

/** Points for what was found on a hidden bench, and after how many cuts. */
export function benchScore(t: BenchTrace): PracticeScore {
  const bench = hiddenBench(t.rig, t.bench);
  const window = evaluate(atFeed(bench.truth, null)).window;
  const max = window.fastest ? window.fastest.feed * 1000 : null;
  const losses: Loss[] = [];
  const lose = (code: Loss['code'], points: number, values: Loss['values']) => {
    if (points > 0) losses.push({ code, points, values });
  };
  lose('cuts', CUT * (t.cuts.length - FREE_CUTS), { cuts: t.cuts.length, free: FREE_CUTS });
  lose('wrong-fault', t.answer.fault === bench.fault ? 0 : WRONG_FAULT, {});
  const off = max === null ? Infinity : Math.abs(Math.log(t.answer.maxMmS / max));
  const share = Math.min(1, (off - FOUND) / (MISSED - FOUND));
  lose('limit', LIMIT * share, { saidMmS: t.answer.maxMmS, ...(max === null ? {} : { maxMmS: max }) });
  losses.sort((a, b) => b.points - a.points);
  const lost = losses.reduce((sum, l) => sum + l.points, 0);
  return {
    format: 'upwind-rod/score',
    version: 1,
    drill: 'unknown',
    points: Math.max(0, Math.round((100 - lost) * 10) / 10),
    losses,
    led: null,
    bench: { cuts: t.cuts.length, fault: bench.fault, tuning: bench.tuning, maxFeedMmS: max },
  };
}

/** Cuts of the demonstration: the first as advised, then either side of the limit that the tuning gives. */
const AIMS = [0.93, 1.07, 1];

/** How the program itself finds a hidden bench out: it reads the meter, compares that with each fault, cuts once as advised, and then near the limit that the tuning gives. */
export function demonstrateBench(rig: Rig, n: number): BenchTrace {
  const bench = hiddenBench(rig, n);
  const fault = faultRead(rig, bench);
  const known = withFault(rig, fault);
  const cuts: number[] = [];
  const log: LoggedCut[] = [];
  const cut = (feed: number) => {
    const feedMmS = Number(feed.toPrecision(3));
    const { grade, kerfMm } = testCut(bench, feedMmS, cuts.length);
    const at = new Date(Date.UTC(2026, 0, 1, 0, cuts.length)).toISOString();
    const { setting } = rig.control;
    log.push(loggedCutSchema.parse({ at, setting, widthMm: rig.foam.widthMm, feedMmS, grade, kerfMm }));
    cuts.push(feedMmS);
  };
  const drawn = evaluate(atFeed(known, null));
  const limit = (drawn.window.fastest?.feed ?? 0.002) * 1000;
  const limitNow = () => {
    const { tuning } = tune(logSchema.parse({ format: 'upwind-rod/log', version: 1, rig: known, cuts: log }));
    return (limit * rig.foam.tuning) / tuning.factor[1];
  };
  cut(limit * drawn.s.reserve);
  for (const share of AIMS) cut(limitNow() * share);
  const maxMmS = Number(limitNow().toPrecision(3));
  const head = { format: 'upwind-rod/trace', version: 1, kind: 'bench', drill: 'unknown' } as const;
  return { ...head, rig, bench: n, cuts, answer: { fault, maxMmS } };
}

/** The fault, of those a bench like this can have, whose own readings come nearest to what the meter reads at every setting. */
function faultRead(rig: Rig, bench: HiddenBench): HiddenFault {
  const settings = heatSettings(rig);
  const off = (fault: HiddenFault) => {
    const guess = { ...bench, truth: withFault(rig, fault) };
    return settings.reduce<number>((sum, setting) => {
      const [read, drawn] = [meterOn(bench, setting), meterOn(guess, setting)];
      return sum + Math.log(read.amps / drawn.amps) ** 2 + Math.log(read.volts / drawn.volts) ** 2;
    }, 0);
  };
  return faultsFor(rig).reduce((best, fault) => (off(fault) < off(best) ? fault : best));
}
