import fs from 'node:fs';
import { createRequire } from 'node:module';
import { expect, test as base, type Page } from '@playwright/test';
import type { AxeResults, RunOptions } from 'axe-core';
import { databaseOf } from './database';
import { startServer, type Server } from './server';

/** A running program, and what lies below it. */
interface Running {
  readonly server: Server;
  stop(): Promise<unknown>;
}
/** So many of a worker's servers are kept running at once; the one that was not asked for the longest makes room. */
const MOST_SERVERS = 4;

/**
 * One server for the files that share it; pages fail on console errors and on any request to another host. A worker keeps its process and its
 * browser while it goes from one server to another: to begin both anew takes four seconds of a processor.
 */
export const test = base.extend<
  { watched: void; breaks: RegExp | null; server: Server; seeded: boolean; apart: string },
  { running: Map<string, Running> }
>({
  seeded: [true, { option: true }],
  // Files that change what others look at name a server here that is theirs; those of one name leave each other alone.
  apart: ['', { option: true }],
  running: [
    async ({}, provide) => {
      const running = new Map<string, Running>();
      await provide(running);
      for (const { stop } of running.values()) await stop();
    },
    { scope: 'worker' },
  ],
  server: async ({ running, seeded, apart }, provide, info) => {
    const name = `${seeded} ${apart}`;
    const kept = running.get(name) ?? (await begin(info.project.name, seeded));
    // The last in the row is the one that was asked for last.
    running.delete(name);
    running.set(name, kept);
    const [oldest] = running.keys();
    if (running.size > MOST_SERVERS) {
      await running.get(oldest!)!.stop();
      running.delete(oldest!);
    }
    await provide(kept.server);
  },
  baseURL: async ({ server }, provide) => provide(server.url),
  // A test that breaks something on purpose says which faults the page may then report.
  breaks: [null, { option: true }],
  watched: [
    async ({ page, server, breaks }, provide) => {
      const wrong: string[] = [];
      page.on('console', (m) => {
        if (m.type() === 'error' && !/status of (4\d\d|503)/.test(m.text()) && !/ERR_/.test(m.text()))
          wrong.push(m.text());
      });
      page.on('pageerror', (e) => wrong.push(String(e)));
      page.on('request', (r) => {
        const url = new URL(r.url());
        if (url.protocol.startsWith('http') && url.host !== `127.0.0.1:${server.port}`)
          wrong.push(`foreign request: ${r.url()}`);
      });
      await provide();
      expect(wrong.filter((w) => !breaks?.test(w))).toEqual([]);
    },
    { auto: true },
  ],
});

export { expect };

async function begin(project: string, seed: boolean): Promise<Running> {
  const below = await databaseOf(project);
  const server = await startServer({ seed, env: below.env });
  return { server, stop: () => server.stop().then(below.stop) };
}

const AXE = fs.readFileSync(createRequire(import.meta.url).resolve('axe-core/axe.min.js'), 'utf8');

/**
 * No serious or critical fault of accessibility on the page as it stands. In the second theme only what a theme can change, the
 * contrast, is looked at again.
 */
export async function accessible(page: Page, what: 'all' | 'contrast' = 'all'): Promise<void> {
  // Looked at in the page itself, which has no frames; only what is wrong comes out of it.
  if (!(await page.evaluate(() => 'axe' in window))) await page.evaluate(AXE);
  const options: RunOptions = {
    resultTypes: ['violations'],
    // What these find is minor or moderate by their own account, and takes a twelfth of the time.
    rules: { region: { enabled: false }, 'hidden-content': { enabled: false } },
    ...(what === 'contrast' && { runOnly: { type: 'rule', values: ['color-contrast'] } }),
  };
  const bad = await page.evaluate(async (options) => {
    const { axe } = window as unknown as { axe: { run(of: Document, o: object): Promise<AxeResults> } };
    // Colours that go over into others, as a button's after another theme, have come to their end.
    await new Promise((drawn) => requestAnimationFrame(() => requestAnimationFrame(drawn)));
    const ends = document.getAnimations().filter((a) => a.effect?.getComputedTiming().endTime !== Infinity);
    await Promise.allSettled(ends.map((a) => a.finished));
    const { violations, passes } = await axe.run(document, options);
    if (passes.length === 0) throw new Error('nothing was looked at');
    return violations
      .filter((v) => v.impact === 'serious' || v.impact === 'critical')
      .map((v) => `${v.id}: ${v.nodes.map((n) => n.html.slice(0, 120)).join(' | ')}`);
  }, options);
  expect(bad).toEqual([]);
}

/** The same in both themes: the page is painted anew, not asked for again. */
export async function accessibleInBoth(page: Page): Promise<void> {
  await page.emulateMedia({ colorScheme: 'light' });
  await accessible(page);
  await page.emulateMedia({ colorScheme: 'dark' });
  await accessible(page, 'contrast');
  await page.emulateMedia({ colorScheme: 'light' });
}

/** The framework's own hand on where the page is. */
interface Framework {
  readonly next: { readonly router: { push(address: string): void } };
}

/** Waits until the framework has written where the page is: before that it takes no address, and what is asked of it is lost. */
export const awake = (page: Page) =>
  page.waitForFunction(() => (history.state as { __NA?: true } | null)?.__NA === true);

/** Goes on to another page as a link of this one does: what is loaded stays, and nothing is loaded anew. */
export async function goOn(page: Page, address: string): Promise<void> {
  await awake(page);
  await page.evaluate((to) => (window as unknown as Framework).next.router.push(to), address);
  await page.waitForURL((url) => url.pathname + url.search === address);
  await standsStill(page);
}

/** Waits until the page was drawn so many times more: what goes on with every frame has gone on by then, on any machine. */
export async function framesPass(page: Page, count: number): Promise<void> {
  await page.evaluate(async (count) => {
    for (let n = 0; n < count; n++) await new Promise(requestAnimationFrame);
  }, count);
}

/** Waits until the page has put in all that it loads in parts: nothing was added or taken away for a tenth of a second. */
export async function standsStill(page: Page): Promise<void> {
  await page.evaluate(
    () =>
      new Promise<void>((resolve) => {
        const done = () => (watch.disconnect(), resolve());
        let quiet = setTimeout(done, 100);
        const watch = new MutationObserver(() => {
          clearTimeout(quiet);
          quiet = setTimeout(done, 100);
        });
        watch.observe(document.body, { childList: true, subtree: true });
      }),
  );
}

/** Waits until the rig says that it is saved. */
export async function saved(page: Page): Promise<void> {
  await expect(page.locator('[role=status][data-save]').filter({ hasText: /^Saved$/ })).toBeVisible();
}
