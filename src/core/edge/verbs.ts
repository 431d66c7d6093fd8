import type { z } from 'zod';
import { toldWorksheet } from '../words/jobs';
import { toldAdvice, toldMatch, toldNeed, toldTemplates } from '../words/told';
import { faultsOf, type DocumentFault } from '../documents/faults';
import { drawerSchema, type Drawer } from '../documents/drawer';
import { logSchema, type Log } from '../documents/log';
import { readNeedRig, type NeedRig } from '../documents/needRig';
import { rigSchema, type Rig } from '../documents/rig';
import { planSchema, type Plan } from '../documents/plan';
import { jobSchema, type Job, type JobOf } from '../documents/job';
import { isTowerKind, TOWER_KINDS, type TowerKind } from '../documents/towerJobs';
import { replaySchema, type Replay } from '../documents/motion';
import { motionOf } from '../engine/motion/motion';
import { replayOf } from '../engine/motion/replay';
import { traceSchema, type Trace } from '../documents/practice';
import { play } from '../practice/play';
import { toldScore } from '../words/practice';
import { toldMotion, toldReplay } from '../words/motion';
import { match } from '../engine/match/match';
import { CoreFault } from '../numeric/fault';
import { need } from '../engine/needOf';
import { readingOf } from './readingOf';
import { worksheetOf } from '../engine/jobs/worksheet';
import { template } from '../engine/template/template';
import { tune } from '../engine/advise';

export const VERBS = [
  'solve',
  'need',
  'match',
  'tune',
  'template',
  'job',
  'path',
  'replay',
  'practice',
] as const;
export type Verb = (typeof VERBS)[number];

export type Answer =
  | { readonly ok: true; readonly output: unknown }
  | { readonly ok: false; readonly faults: readonly DocumentFault[] };

/** Faults after which an array is read no further. */
const MOST_FAULTS = 200;

/** A verb: how its document is read, and what it does with it. */
interface Work<T> {
  readonly read: (doc: unknown) => { data: T } | { faults: readonly DocumentFault[] };
  readonly run: (doc: T) => unknown;
}

type TowersJob = JobOf<TowerKind> & { readonly rig: Rig };
/** Jobs that have a path: those of motor towers. */
const pathSchema = jobSchema.refine((job): job is TowersJob => isTowerKind(job.kind), {
  path: ['kind'],
  error: `must be one of: ${TOWER_KINDS.join(', ')}; only motor towers have a path`,
}) as unknown as z.ZodType<TowersJob>;

function bySchema<T>(schema: z.ZodType<T>) {
  return (doc: unknown) => {
    const parsed = schema.safeParse(doc);
    return parsed.success ? { data: parsed.data } : { faults: faultsOf(parsed.error) };
  };
}
const work = <T>(w: Work<T>): Work<unknown> => w as Work<unknown>;

const WORK: Record<Verb, Work<unknown>> = {
  solve: work<Rig>({ read: bySchema(rigSchema), run: (rig) => readingOf(rig) }),
  need: work<NeedRig>({
    read: (doc) => {
      const read = readNeedRig(doc);
      return read.ok ? { data: read.data } : { faults: read.faults };
    },
    run: ({ rig, powered }) => toldNeed(need(rig, powered)),
  }),
  match: work<Drawer>({ read: bySchema(drawerSchema), run: (drawer) => toldMatch(match(drawer)) }),
  tune: work<Log>({ read: bySchema(logSchema), run: (log) => toldAdvice(tune(log), log.rig) }),
  template: work<Plan>({ read: bySchema(planSchema), run: (plan) => toldTemplates(template(plan)) }),
  path: work<TowersJob>({
    read: bySchema(pathSchema),
    run: ({ rig, ...job }) => toldMotion(motionOf(job, rig).figures),
  }),
  replay: work<Replay>({ read: bySchema(replaySchema), run: (replay) => toldReplay(replayOf(replay).figures) }),
  practice: work<Trace>({ read: bySchema(traceSchema), run: (trace) => toldScore(play(trace), trace.rig) }),
  job: work<Job>({ read: bySchema(jobSchema), run: (job) => toldWorksheet(worksheetOf(job)) }),
};

/** Documents of a call, read; `many` where they came as an array. */
export type ReadAll =
  | { readonly ok: true; readonly docs: readonly unknown[]; readonly many: boolean }
  | { readonly ok: false; readonly faults: readonly DocumentFault[] };

/** Reads one document or an array of them for a verb. In an array one refused document refuses all. */
export function readAll(verb: Verb, input: unknown): ReadAll {
  const many = Array.isArray(input);
  const faults: DocumentFault[] = [];
  const docs: unknown[] = [];
  // What is refused is refused whole: more faults than anybody reads are not looked for.
  for (const [i, doc] of (many ? (input as unknown[]) : [input]).entries()) {
    if (faults.length > MOST_FAULTS) break;
    const read = WORK[verb].read(doc);
    if ('faults' in read)
      faults.push(...read.faults.map((f) => (many ? { ...f, path: inArray(i, f.path) } : f)));
    else docs.push(read.data);
  }
  return faults.length > 0 ? { ok: false, faults } : { ok: true, docs, many };
}

/** Does a verb on one document or an array of them. */
export function runVerb(verb: Verb, input: unknown): Answer {
  const read = readAll(verb, input);
  if (!read.ok) return read;
  const output: unknown[] = [];
  for (const [i, doc] of read.docs.entries()) {
    try {
      output.push(WORK[verb].run(doc));
    } catch (e) {
      // What only the work itself can find: a skin thicker than the section, a spar slot deeper than it.
      if (!(e instanceof CoreFault)) throw e;
      const path = read.many ? inArray(i, e.field) : e.field;
      return { ok: false, faults: [{ path, rule: e.code, message: e.rule }] };
    }
  }
  return { ok: true, output: read.many ? output : output[0] };
}

function inArray(i: number, path: string): string {
  if (path.startsWith('(')) return `[${i}]`;
  return path.startsWith('[') ? `[${i}]${path}` : `[${i}].${path}`;
}
