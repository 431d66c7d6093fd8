/** How long a press waits for the page, ms: what somebody pressed before that is no longer what they want. */
const LONGEST_MS = 10_000;
/** What does nothing until the page's scripts run; links, folds and fields do without. */
const PRESSED = ['button', ...['button', 'switch', 'tab'].map((role) => `[role=${role}]`)].join();
/** What shows its tick by itself, of which the page then knows nothing. */
const TICKED = ['checkbox', 'radio'].map((type) => `input[type=${type}]`).join();

/**
 * Stands in the page as it comes from the server: over a slow network or on a slow device its scripts come seconds after it can be seen, and
 * what is pressed in between would be lost. The last press is kept, and made as soon as the page is awake; so is each tick.
 */
export const KEEP_PRESS = `(() => {
  let last = null;
  const ticks = new Map();
  const keep = (e) => {
    if (!e.isTrusted || !e.target.closest) return;
    const box = e.target.closest('${TICKED}');
    if (box && !ticks.has(box)) ticks.set(box, box.type === 'checkbox' && !box.checked);
    const on = e.target.closest('${PRESSED}');
    if (box || !on) return;
    e.preventDefault();
    e.stopImmediatePropagation();
    last = { on, at: Date.now() };
  };
  addEventListener('click', keep, true);
  window.upwindAwake = () => {
    removeEventListener('click', keep, true);
    for (const [box, was] of ticks)
      if (box.isConnected && box.checked !== was) {
        box.checked = was;
        box.click();
      }
    ticks.clear();
    if (last && last.on.isConnected && Date.now() - last.at < ${LONGEST_MS}) last.on.click();
    last = null;
  };
})()`;

declare global {
  interface Window {
    /** Set by KEEP_PRESS. */
    upwindAwake?: () => void;
  }
}
