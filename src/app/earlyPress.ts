/** How long a press waits for the page, ms: what somebody pressed before that is no longer what they want. */
const LONGEST_MS = 10_000;
/** What a press on does nothing until the page's scripts run; links, folds and fields do without. */
const PRESSED = [
  'button',
  ...['button', 'checkbox', 'radio', 'switch', 'tab'].map((role) => `[role=${role}]`),
  ...['checkbox', 'radio'].map((type) => `input[type=${type}]`),
].join();

/**
 * Stands in the page as it comes from the server: over a slow network or on a slow device its scripts come seconds after it can be seen, and
 * a press in between would be lost. The last such press is kept, and made as soon as the page is awake.
 */
export const KEEP_PRESS = `(() => {
  let last = null;
  const keep = (e) => {
    const on = e.isTrusted && e.target.closest?.(${JSON.stringify(PRESSED)});
    if (!on) return;
    e.preventDefault();
    e.stopImmediatePropagation();
    last = { on, at: Date.now() };
  };
  addEventListener('click', keep, true);
  window.upwindAwake = () => {
    removeEventListener('click', keep, true);
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
