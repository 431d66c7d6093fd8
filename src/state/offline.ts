'use client';

/** Whether pages open here without a network: `no` where the browser, or its doubt about the certificate, does not allow it. */
export type Offline = 'getting' | 'ready' | 'no';

let state: Offline = 'getting';
const ears = new Set<() => void>();
const say = (to: Offline) => {
  state = to;
  ears.forEach((ear) => ear());
};
export const offline = (): Offline => state;
export const hearOffline = (ear: () => void): (() => void) => {
  ears.add(ear);
  return () => void ears.delete(ear);
};

/** Keeps the program on the device, once the page stands; only where the browser allows it: https, or this machine itself. */
export async function keepOnDevice(): Promise<void> {
  try {
    // While the program is being written, what is kept would hide what was changed.
    if (process.env.NODE_ENV !== 'production' || !('serviceWorker' in navigator)) return say('no');
    await navigator.serviceWorker.register('/sw.js');
    await navigator.serviceWorker.ready;
    say('ready');
  } catch {
    say('no');
  }
}

/** Has pages kept that will be wanted at the bench. */
export async function keepPages(pages: readonly string[]): Promise<void> {
  if (!('serviceWorker' in navigator)) return;
  (await navigator.serviceWorker.ready).active?.postMessage({ pages });
}
