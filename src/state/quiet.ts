/** Typing counts as under way for so long after a key, ms. */
const TYPING_MS = 1_200;
let typed = -Infinity;

if (typeof document !== 'undefined')
  document.addEventListener('input', () => (typed = performance.now()), { capture: true, passive: true });

/** What this device sends of what waited here. What it is told meanwhile is mostly its own, and each asks for everything anew. */
let sends: Promise<unknown> = Promise.resolve();
/** News wait for that no longer than this at a time, ms. */
const SENDS_MS = 5_000;
export function quietWhile(work: Promise<unknown>): void {
  sends = work;
}

/**
 * Waits until nobody has typed for a moment, and until what waited here is sent: what comes from elsewhere must not write into a field under somebody's
 * hands, nor be in the way of what is to go out.
 */
export async function quietSince(): Promise<void> {
  await Promise.race([sends, new Promise((resolve) => setTimeout(resolve, SENDS_MS))]);
  for (;;) {
    const left = typed + TYPING_MS - performance.now();
    if (left <= 0) return;
    await new Promise((resolve) => setTimeout(resolve, left));
  }
}
