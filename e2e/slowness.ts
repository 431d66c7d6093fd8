import type { Page } from '@playwright/test';

/** Milliseconds that a fixed sum takes in the page on the reference machine (two processors of 2.5 GHz) when it is quiet. */
const QUIET_MS = 60;

/** How many times longer that sum takes now, at least 1. */
export async function slowness(page: Page): Promise<number> {
  const ms = await page.evaluate(() => {
    const once = () => {
      const start = performance.now();
      let x = 0;
      for (let i = 0; i < 3e7; i++) x += Math.sqrt(i ^ 5);
      return x > 0 ? performance.now() - start : 0;
    };
    return Math.min(once(), once(), once());
  });
  console.log(`yardstick ${Math.round(ms)} ms`);
  return Math.max(1, ms / QUIET_MS);
}
