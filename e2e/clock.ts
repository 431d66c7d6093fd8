import { expect, type Page } from '@playwright/test';

/** A machine whose sound does not run: a call then keeps the page's clock. Before the page is opened. */
export async function withoutSound(page: Page): Promise<void> {
  await page.addInitScript(() => {
    window.AudioContext = class {
      constructor() {
        throw new Error('no sound on this machine');
      }
    } as unknown as typeof AudioContext;
  });
}

/** Puts the page's clock forward, with every tick on its way, until something is so; within so many seconds of that clock. */
export async function forwardUntil(page: Page, most: number, isSo: () => Promise<boolean>): Promise<void> {
  for (let s = 0; s < most && !(await isSo()); s++) await page.clock.runFor(1000);
  expect(await isSo(), `within ${most} s of the page's clock`).toBe(true);
}
