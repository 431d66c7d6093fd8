import {
  TRACE_HZ,
  TRACE_S,
  type LedDrill,
  type LedTrace,
  type PracticeScore,
  type Trace,
} from '../documents/practice';
import type { Rig } from '../documents/rig';
import { CoreFault } from '../numeric/fault';
import type { Course } from './course';
import { PracticeRun } from './run';
import { type Aim } from './moment';
import { scoreOf, type Score } from './score';
import { Tally } from './tally';
import { benchScore } from './unknown';
import { practiceOf, type Unfit } from './wire';

/** Aims are kept to a hundredth of a millimetre. */
const GRAIN = 100;
/** An aim as a trace keeps it. */
export const asKept = (aim: Aim): Aim => ({
  near: Math.round(aim.near * GRAIN) / GRAIN,
  far: Math.round(aim.far * GRAIN) / GRAIN,
});

/** A trace of the aims of a run. */
export function traceOf(
  o: { rig: Rig; drill: LedDrill; course: Course; warm: boolean },
  aims: readonly Aim[],
): LedTrace {
  const moves = (end: 'near' | 'far') => {
    let at = 0;
    return aims.slice(0, TRACE_HZ * TRACE_S).map((a) => {
      const to = Math.round(a[end] * GRAIN);
      const by = to - at;
      at = to;
      return by;
    });
  };
  const course = structuredClone(o.course) as LedTrace['course'];
  const head = { format: 'upwind-rod/trace', version: 1, kind: 'led' } as const;
  return { ...head, ...o, course, near: moves('near'), far: o.course.together ? null : moves('far') };
}

/** The aims of a trace, one a step. */
export function aimsOf(trace: LedTrace): Aim[] {
  let [near, far] = [0, 0];
  return trace.near.map((by, i) => {
    near += by;
    far += trace.far?.[i] ?? (trace.far ? 0 : by);
    return { near: near / GRAIN, far: far / GRAIN };
  });
}

/** Why a rig cannot be practised on, as a fault says it. */
export const UNFIT_RULES: Readonly<Record<Unfit, string>> = {
  cold: 'cuts nothing at its setting: there is nothing to practise',
  'no-window': 'has hardly a clean feed at its setting: each melts or drags',
  overstressed: 'pulls its hot wire past what it bears',
  quick: 'wants a feed that no hand leads',
};

/** What a trace comes to: led again step by step, or the bench asked again. Throws a fault where the rig cuts nothing. */
export function play(trace: Trace): PracticeScore {
  if (trace.kind === 'bench') return benchScore(trace);
  const fit = practiceOf(trace.rig);
  if ('unfit' in fit) throw new CoreFault('range', 'rig', UNFIT_RULES[fit.unfit]);
  const { wire } = fit;
  const run = new PracticeRun(wire, trace.course, { warm: trace.warm });
  const tally = new Tally(run);
  for (const aim of aimsOf(trace)) {
    run.step(aim);
    tally.take(run.moment());
  }
  return finished(trace.drill, scoreOf(wire, trace.course, tally.result()));
}

/** The document of a led run's score. */
export const finished = (drill: LedDrill, s: Score): PracticeScore => ({
  format: 'upwind-rod/score',
  version: 1,
  drill,
  ...s,
  bench: null,
});
