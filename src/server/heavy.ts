import 'server-only';
import path from 'node:path';
import { Worker } from 'node:worker_threads';
import { Refusal, refusal } from './http';
import type { Job, JobAnswer } from './heavyJobs';

/** Threads at a time, and jobs that may wait for one. */
const THREADS = 2;
const MOST_WAITING = 16;
/** An idle thread is kept this long, as the server's start set it (scripts/rest.mjs), otherwise one second; memory that it takes at most. */
const IDLE_MS = Number(process.env['UPWIND_REST_S'] ?? 1) * 1000;
const MOST_MB = 1536;

interface Waiting {
  readonly job: Job;
  readonly deadlineMs: number;
  readonly signal: AbortSignal | undefined;
  readonly done: (a: JobAnswer) => void;
  readonly fail: (e: Refusal) => void;
}
interface Thread {
  readonly worker: Worker;
  work: Waiting | null;
  timer: ReturnType<typeof setTimeout> | undefined;
}

const threads = new Set<Thread>();
const waiting: Waiting[] = [];

/**
 * Does a job in a thread, after those that came before it; ends with its caller. Refuses with 503 where too many wait or the deadline
 * passes, 499 where the caller has gone, 413 where it takes more memory than there is, and as the job itself refuses.
 */
export function heavy(
  job: Job,
  o: { readonly deadlineMs: number; readonly signal?: AbortSignal },
): Promise<unknown> {
  return new Promise((resolve, reject) => {
    if (o.signal?.aborted) return reject(cancelled());
    if (waiting.length >= MOST_WAITING)
      return reject(refusal(503, 'busy', 'Too much is being worked out already. Try again in a moment.'));
    const w: Waiting = {
      job,
      deadlineMs: o.deadlineMs,
      signal: o.signal,
      done: (a) => (a.ok ? resolve(a.output) : reject(new Refusal(a.status, a.faults))),
      fail: reject,
    };
    o.signal?.addEventListener('abort', () => cancel(w), { once: true });
    waiting.push(w);
    next();
  });
}

const cancelled = () => refusal(499, 'cancelled', 'was cancelled');

function cancel(w: Waiting): void {
  const at = waiting.indexOf(w);
  if (at >= 0) waiting.splice(at, 1);
  for (const t of threads) if (t.work === w) end(t);
  w.fail(cancelled());
}

function next(): void {
  if (waiting.length === 0) return;
  const idle = [...threads].find((t) => t.work === null) ?? (threads.size < THREADS ? start() : null);
  if (!idle) return;
  const w = waiting.shift()!;
  clearTimeout(idle.timer);
  idle.work = w;
  idle.timer = setTimeout(
    () => broken(idle, refusal(503, 'late', `was not worked out within ${Math.round(w.deadlineMs / 1000)} s`)),
    w.deadlineMs,
  );
  const bytes = w.job.kind === 'verb' ? [w.job.text.buffer as ArrayBuffer] : [];
  idle.worker.postMessage(w.job, bytes);
}

function start(): Thread {
  const file = path.join(/*turbopackIgnore: true*/ process.cwd(), 'dist', 'heavyWorker.mjs');
  const worker = new Worker(/*turbopackIgnore: true*/ file, {
    resourceLimits: { maxOldGenerationSizeMb: MOST_MB },
  });
  worker.unref();
  const thread: Thread = { worker, work: null, timer: undefined };
  worker.on('message', (a: JobAnswer) => {
    const { work } = thread;
    clearTimeout(thread.timer);
    thread.work = null;
    thread.timer = setTimeout(() => end(thread), IDLE_MS);
    thread.timer.unref();
    work?.done(a);
    next();
  });
  worker.on('error', (e: NodeJS.ErrnoException) => {
    if (e.code === 'ERR_WORKER_OUT_OF_MEMORY')
      return broken(thread, refusal(413, 'size', 'takes more memory than there is: send it in parts'));
    console.error(e);
    broken(
      thread,
      refusal(500, 'internal', 'The server failed in working this out. What was saved before is kept.'),
    );
  });
  threads.add(thread);
  return thread;
}

/** A thread is no good any more: its work is answered, the rest goes on in another. */
function broken(t: Thread, why: Refusal): void {
  const { work } = t;
  end(t);
  work?.fail(why);
}

function end(t: Thread): void {
  clearTimeout(t.timer);
  t.work = null;
  threads.delete(t);
  void t.worker.terminate();
  next();
}
