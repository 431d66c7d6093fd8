import fs from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { Worker } from 'node:worker_threads';
import type { Page } from '@playwright/test';
import { leastSum, timesQuiet } from '../scripts/yardstick.mjs';

/** Milliseconds that the fixed sum takes now, the least of some runs. */
export const sumIn = (page: Page, runs = 1): Promise<number> => page.evaluate(leastSum(runs));

/** How many times longer that sum takes now, at least 1. */
export async function slowness(page: Page): Promise<number> {
  const ms = await sumIn(page, 3);
  console.log(`yardstick ${Math.round(ms)} ms`);
  return timesQuiet(ms);
}

/** How many times longer the sum takes now when every processor does it, at least 1: processors that others use as well tell here. */
export async function slownessOfAll(): Promise<number> {
  const once = () =>
    new Promise<number>((resolve, reject) => {
      const thread = new Worker(`require('node:worker_threads').parentPort.postMessage(${leastSum(3)})`, {
        eval: true,
      });
      thread.once('message', resolve);
      thread.once('error', reject);
    });
  const ms = Math.max(...(await Promise.all(os.cpus().map(once))));
  console.log(`yardstick on ${os.cpus().length} processors ${Math.round(ms)} ms`);
  return timesQuiet(ms);
}

const PAGE_BYTES = 16 * 1024;

/** Milliseconds that this disk takes to have one small write for good, beside the data of a server, as a save asks of it. */
export function diskWait(folder: string): number {
  const file = path.join(folder, 'yardstick');
  const fd = fs.openSync(file, fs.existsSync(file) ? 'r+' : 'w');
  const start = performance.now();
  fs.writeSync(fd, Buffer.alloc(PAGE_BYTES, Math.random() * 256), 0, PAGE_BYTES, 0);
  fs.fsyncSync(fd);
  const ms = performance.now() - start;
  fs.closeSync(fd);
  return ms;
}
