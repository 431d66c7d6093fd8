/** Work goes on for so long before the page may draw and listen again, ms: half of a frame. */
const SLICE_MS = 8;

/**
 * Works a generator off between drawings, a slice at a time, and hands over what it ends with. The answer stops it. A fault
 * in it is thrown where the browser reports it; nothing is handed over then.
 */
export function inSlices<T>(
  work: Generator<void, T>,
  onDone: (result: T) => void,
  sliceMs = SLICE_MS,
  now: () => number = () => performance.now(),
): () => void {
  let timer = setTimeout(slice, 0);
  function slice() {
    const until = now() + sliceMs;
    let step = work.next();
    while (!step.done && now() < until) step = work.next();
    if (step.done) onDone(step.value);
    else timer = setTimeout(slice, 0);
  }
  return () => clearTimeout(timer);
}
