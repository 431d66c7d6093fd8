import { defineConfig } from '@playwright/test';
import { chromium } from './scripts/chromium.mjs';

const specs = (...names: string[]) => names.map((name) => `**/${name}.spec.ts`);
/** What is walked a second time with a PostgreSQL server below, and what only two programs on one of those do. */
const TWICE = specs('path', 'live', 'odd', 'load');
const ON_SERVER = specs('twoPrograms');

export default defineConfig({
  testDir: 'e2e',
  globalSetup: './e2e/templates.ts',
  // Each worker has servers of its own. A third one on two processors takes more time than it gives (measured).
  workers: 2,
  // Each is begun in this order: the longest of all stand first. Figures are times that have a bound, taken by `npm run bench`.
  projects: [
    { name: 'tests, on a server', testMatch: [...TWICE, ...ON_SERVER], grepInvert: /@figure/ },
    { name: 'tests', testIgnore: ON_SERVER, grepInvert: /@figure/ },
    { name: 'figures', testIgnore: ON_SERVER, grep: /@(figure|timed)/, workers: 1 },
    {
      name: 'figures, on a server',
      testMatch: [...TWICE, ...ON_SERVER],
      grep: /@(figure|timed)/,
      workers: 1,
    },
  ],
  // Only a hang may run into this: what bounds a time measures it itself.
  timeout: 240_000,
  // A shared machine may stand still for seconds; tests that bound a time measure it in the page.
  expect: { timeout: 20_000 },
  forbidOnly: true,
  retries: 0,
  reporter: [['list'], ['json']],
  use: {
    viewport: { width: 1280, height: 800 },
    // What it keeps on a device would hide what a test puts in the way; its own spec lets it work.
    serviceWorkers: 'block',
    launchOptions: chromium(),
  },
});
