import 'server-only';
import { z } from 'zod';
import { instantSchema } from '@/core/documents/fields';
import { scoreSchema, traceSchema, type PracticeRunRecord, type Trace } from '@/core/documents/practice';
import { deletePractice, insertPractice, practiceOf, traceOfRun } from '@/db/practice';
import type { Db } from '@/db/open';
import { database } from './db';
import { heavy } from './heavy';
import { refusal } from './http';

/** A run as it is sent: what was led, when, and on which rig of the shelf. */
export const sentRunSchema = z.strictObject({
  rigId: z.string().min(1).max(64).nullable(),
  at: instantSchema,
  trace: traceSchema,
});

/** A run of five minutes is led again in a second. */
const DEADLINE_MS = 20_000;

const gone = () => refusal(404, 'not-found', 'There is no such run.');

/** What the routes and pages do with runs of practice. */
export const practiceService = {
  list: async (rigId?: string): Promise<PracticeRunRecord[]> => practiceOf(await database(), rigId),
  /** Leads the trace again, in a thread of its own, and keeps what it comes to: a score is never taken on trust. */
  async add(sent: z.infer<typeof sentRunSchema>, id: string, signal?: AbortSignal): Promise<PracticeRunRecord> {
    const text = new TextEncoder().encode(JSON.stringify(sent.trace));
    const out = await heavy(
      { kind: 'verb', verb: 'practice', text },
      { deadlineMs: DEADLINE_MS, ...(signal ? { signal } : {}) },
    );
    const score = scoreSchema.parse(JSON.parse(out as string));
    const { rigId, at, trace } = sent;
    const run = { id, rigId, rigName: trace.rig.name, at, score, trace };
    return (await database()).transaction((tx) => insertPractice(tx as unknown as Db, run));
  },
  async trace(id: string): Promise<Trace> {
    const trace = await traceOfRun(await database(), id);
    if (!trace) throw gone();
    return trace;
  },
  /** The same for a page, which goes on without it. */
  find: async (id: string): Promise<Trace | null> => traceOfRun(await database(), id),
  async remove(id: string): Promise<{ ok: true }> {
    if (!(await deletePractice(await database(), id))) throw gone();
    return { ok: true };
  },
};
