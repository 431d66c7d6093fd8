import os from 'node:os';
import { Worker } from 'node:worker_threads';
import type { Page } from '@playwright/test';

/** Milliseconds that a fixed sum takes on the reference machine (two processors of 2.5 GHz) when it is quiet. */
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

const SUM = `
  const once = () => {
    const start = performance.now();
    let x = 0;
    for (let i = 0; i < 3e7; i++) x += Math.sqrt(i ^ 5);
    return x > 0 ? performance.now() - start : 0;
  };
  require('node:worker_threads').parentPort.postMessage(Math.min(once(), once(), once()));
`;

/** How many times longer the sum takes now when every processor does it, at least 1: processors that others use as well tell here. */
export async function slownessOfAll(): Promise<number> {
  const once = () =>
    new Promise<number>((resolve, reject) => {
      const thread = new Worker(SUM, { eval: true });
      thread.once('message', resolve);
      thread.once('error', reject);
    });
  const ms = Math.max(...(await Promise.all(os.cpus().map(once))));
  console.log(`yardstick on ${os.cpus().length} processors ${Math.round(ms)} ms`);
  return Math.max(1, ms / QUIET_MS);
}
