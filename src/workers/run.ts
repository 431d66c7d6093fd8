import type { Port } from './latest';

/** How a worker broke off: it did not answer in time, or it fell. */
export type BrokenOff = 'late' | 'fell';

export interface Run<Q, A> {
  readonly make: () => Port<Q, A>;
  readonly deadlineMs: number;
  /** Each answer; true ends the waiting. A worker that is kept may be asked more. */
  readonly onAnswer: (a: A) => boolean;
  readonly onBroken: (how: BrokenOff) => void;
}

/**
 * Asks a worker of its own, which may answer several times. Every run ends: by its last answer, at the deadline, by a fault
 * or by `stop`; all but the first stop the worker. Waiting for the next question has no deadline.
 */
export function runWorker<Q, A>(first: Q, run: Run<Q, A>): { ask: (q: Q) => void; stop: () => void } {
  const port = run.make();
  let over = false;
  const stop = () => {
    over = true;
    clearTimeout(timer);
    port.terminate();
  };
  const broken = (how: BrokenOff) => {
    if (over) return;
    stop();
    run.onBroken(how);
  };
  const timer = setTimeout(() => broken('late'), run.deadlineMs);
  port.onerror = () => broken('fell');
  port.onmessage = ({ data }) => {
    if (!over && run.onAnswer(data)) clearTimeout(timer);
  };
  port.postMessage(first);
  return { ask: (q) => !over && port.postMessage(q), stop };
}

/** One question to a worker of its own, which is stopped after its answer. Never throws: what broke off is the answer. */
export function askOnce<Q, A>(question: Q, of: Pick<Run<Q, A>, 'make' | 'deadlineMs'>): Promise<A | BrokenOff> {
  return new Promise((resolve) => {
    const run = runWorker<Q, A>(question, {
      ...of,
      onAnswer: (a) => {
        resolve(a);
        queueMicrotask(() => run.stop());
        return true;
      },
      onBroken: resolve,
    });
  });
}
