import AxeBuilder from '@axe-core/playwright';
import { expect, test as base, type Page } from '@playwright/test';
import { databaseOf } from './database';
import { startServer, type Server } from './server';

/** One seeded server for the files that share it; pages fail on console errors and on any request to another host. */
export const test = base.extend<
  { watched: void; breaks: RegExp | null },
  { server: Server; seeded: boolean; apart: string }
>({
  seeded: [true, { option: true, scope: 'worker' }],
  // Files that change what others look at name a server here that is theirs; those of one name leave each other alone.
  apart: ['', { option: true, scope: 'worker' }],
  server: [
    async ({ seeded, apart: _ }, provide, info) => {
      const below = await databaseOf(info.project.name);
      const server = await startServer({ seed: seeded, env: below.env });
      await provide(server);
      await server.stop();
      await below.stop();
    },
    { scope: 'worker' },
  ],
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

/**
 * No serious or critical fault of accessibility on the page as it stands. In the second theme only what a theme can change, the
 * contrast, is looked at again.
 */
export async function accessible(page: Page, what: 'all' | 'contrast' = 'all'): Promise<void> {
  // Looked at in the page itself, which has no frames: a second page for it would cost a second each time.
  const axe = new AxeBuilder({ page }).setLegacyMode().options({ resultTypes: ['violations'] });
  if (what === 'contrast') axe.withRules(['color-contrast']);
  const result = await axe.analyze();
  const bad = result.violations.filter((v) => v.impact === 'serious' || v.impact === 'critical');
  expect(bad.map((v) => `${v.id}: ${v.nodes.map((n) => n.html.slice(0, 120)).join(' | ')}`)).toEqual([]);
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
