/** Typing counts as under way for so long after a key, ms. */
const TYPING_MS = 1_200;
let typed = -Infinity;

if (typeof document !== 'undefined')
  document.addEventListener('input', () => (typed = performance.now()), { capture: true, passive: true });

/** Waits until nobody has typed for a moment: what comes from elsewhere must not write into a field under somebody's hands. */
export async function quietSince(): Promise<void> {
  for (;;) {
    const left = typed + TYPING_MS - performance.now();
    if (left <= 0) return;
    await new Promise((resolve) => setTimeout(resolve, left));
  }
}
