/**
 * What a page shows is written into its address without asking the server: the stage of a rig, what is asked of the logbook. The framework loads
 * the whole page anew, and all that is open on it is lost, where an address is written for the second time while it draws the page anew for
 * what others save (seen with Next 16.4). So the address waits for that; what is shown does not.
 */
interface Waiting {
  readonly path: string;
  readonly address: string;
}
let busy = false;
let waiting: Waiting | null = null;

function write(): void {
  if (busy || !waiting) return;
  const { path, address } = waiting;
  waiting = null;
  // Another page was gone to meanwhile: its address is its own.
  if (window.location.pathname === path) window.history.replaceState(null, '', address);
}

/** Writes the address of this page, now or once it is drawn anew; of several that wait the last. */
export function rewrite(address: string): void {
  waiting = { path: window.location.pathname, address };
  write();
}

/** Says that the server begins to draw the page anew, or that this is done. */
export function drawnAnew(now: 'begins' | 'done'): void {
  busy = now === 'begins';
  write();
}
