import v8 from 'node:v8';
import vm from 'node:vm';

/** How long a thread without work is kept where UPWIND_REST_S does not say, s (src/server/heavy.ts). */
const REST_S = 20;
/** After this share of it without a request what is no longer used is given back. */
const QUIET = 0.5;

/** Seconds after which what is not used is given back, by a text from outside; throws what is wrong with it, in a line. */
export function restSeconds(text = process.env.UPWIND_REST_S) {
  const seconds = Number(text || REST_S);
  if (!(seconds >= 1 && seconds <= 3600))
    throw new Error(`UPWIND_REST_S must be 1 to 3600 seconds, not ${text}.`);
  return seconds;
}
/** Less than this grown since the last time is not worth the pause, bytes. */
const WORTH = 16 * 1024 * 1024;

/**
 * The runtime collects what is no longer used only when it needs the room, and a server at rest never does: after a busy hour it would
 * hold some hundred megabytes of nothing on a small machine. Returns what to call at each request; a while after the last one the
 * memory is collected, where it has grown enough. `collect` and `held` stand in for the runtime's own in tests.
 */
export function givesBackAtRest({ collect = collector(), held = () => process.memoryUsage().heapTotal } = {}) {
  let least = Infinity;
  const rest = () => {
    if (held() - least < WORTH) return;
    collect();
    least = held();
  };
  least = held();
  const quietMs = QUIET * restSeconds() * 1000;
  let timer;
  return () => {
    clearTimeout(timer);
    timer = setTimeout(rest, quietMs);
    timer.unref();
  };
}

function collector() {
  v8.setFlagsFromString('--expose-gc');
  const gc = vm.runInNewContext('gc');
  // The first finds what is no longer used, the second gives the emptied pages back to the system (measured, Node 20).
  return () => {
    gc();
    gc();
  };
}
