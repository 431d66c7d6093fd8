import type { z } from 'zod';
import { faultsOf, type DocumentFault } from '../documents/faults';
import { logSchema } from '../documents/log';
import { readNeedRig } from '../documents/need';
import { rigSchema } from '../documents/rig';
import { need } from './need';
import { solve } from './solve';
import { tune } from './advise';

export const VERBS = ['solve', 'need', 'tune'] as const;
export type Verb = (typeof VERBS)[number];

export type Answer =
  | { readonly ok: true; readonly output: unknown }
  | { readonly ok: false; readonly faults: readonly DocumentFault[] };

type Work = (doc: unknown) => { data: unknown } | { faults: readonly DocumentFault[] };

function work<T>(schema: z.ZodType<T>, run: (doc: T) => unknown): Work {
  return (doc) => {
    const parsed = schema.safeParse(doc);
    return parsed.success ? { data: run(parsed.data) } : { faults: faultsOf(parsed.error) };
  };
}

const WORK: Record<Verb, Work> = {
  solve: work(rigSchema, solve),
  need: (doc) => {
    const read = readNeedRig(doc);
    return read.ok ? { data: need(read.data.rig, read.data.powered) } : { faults: read.faults };
  },
  tune: work(logSchema, tune),
};

/** Does a verb on one document or an array of them. In an array one refused document refuses all. */
export function runVerb(verb: Verb, input: unknown): Answer {
  const many = Array.isArray(input);
  const faults: DocumentFault[] = [];
  const output: unknown[] = [];
  (many ? (input as unknown[]) : [input]).forEach((doc, i) => {
    const done = WORK[verb](doc);
    if ('faults' in done)
      faults.push(...done.faults.map((f) => (many ? { ...f, path: inArray(i, f.path) } : f)));
    else output.push(done.data);
  });
  if (faults.length > 0) return { ok: false, faults };
  return { ok: true, output: many ? output : output[0] };
}

function inArray(i: number, path: string): string {
  if (path.startsWith('(')) return `[${i}]`;
  return path.startsWith('[') ? `[${i}]${path}` : `[${i}].${path}`;
}
