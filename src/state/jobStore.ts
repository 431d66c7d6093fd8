'use client';
import { faultsBetween, ownJobSchema, type OwnJob } from '@/core/documents/job';
import { faultsOf } from '@/core/documents/faults';
import type { JobRecord } from '@/server/types';
import { createDocumentStore, type DocumentState, type Point } from './documentStore';
import { jobServer, savedJobAnswer } from './server/jobs';

interface SavedJob {
  readonly record: JobRecord;
}
interface JobOwn {
  readonly id: string;
  /** Sets the value at a path of the job, an index of a list among its keys; answers with the rule that refuses it, or null. */
  readonly edit: (label: string, path: string, value: unknown) => string | null;
}
export type JobState = Point<OwnJob> & DocumentState<Point<OwnJob>, SavedJob> & JobOwn;

/** The store of one job: its document, edits with undo, saving. */
export function createJobStore(record: JobRecord) {
  return createDocumentStore<Point<OwnJob>, SavedJob, JobOwn>(
    {
      first: { doc: record.doc },
      revision: record.revision,
      answer: savedJobAnswer,
      send: (base, { doc }) => jobServer.save(record.id, { base, doc }),
      pointOf: (theirs) => ({ doc: theirs.record.doc }),
      stands: ({ doc }) => ownJobSchema.safeParse(doc).success,
    },
    (get) => ({
      id: record.id,
      edit: (label, path, value) => {
        const parsed = ownJobSchema.safeParse(withAt(get().doc, path.split('.'), value));
        if (!parsed.success) return faultsOf(parsed.error)[0]!.message;
        const [against] = faultsBetween(parsed.data);
        if (against) return against[1];
        get().take(label, { doc: parsed.data });
        return null;
      },
    }),
  );
}
export type JobStore = ReturnType<typeof createJobStore>;

/** A document with another value at a path; lists stay lists. */
export function withAt(of: unknown, path: readonly string[], value: unknown): unknown {
  const [key, ...rest] = path;
  if (key === undefined) return value;
  if (Array.isArray(of)) return of.map((x, i) => (String(i) === key ? withAt(x, rest, value) : (x as unknown)));
  const group = (of ?? {}) as Readonly<Record<string, unknown>>;
  return { ...group, [key]: withAt(group[key], rest, value) };
}
