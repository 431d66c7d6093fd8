import v8 from 'node:v8';
import vm from 'node:vm';

/** How long nobody has asked for anything before what is no longer used is given back, ms. */
const QUIET_MS = ((Number(process.env.UPWIND_REST_S) || 20) / 2) * 1000;
/** Less than this grown since the last time is not worth the pause, bytes. */
const WORTH = 32 * 1024 * 1024;

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
  let timer;
  return () => {
    clearTimeout(timer);
    timer = setTimeout(rest, QUIET_MS);
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
