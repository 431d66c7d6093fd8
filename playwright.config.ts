import { defineConfig } from '@playwright/test';
import { chromium } from './scripts/chromium.mjs';

const specs = (...names: string[]) => names.map((name) => `**/${name}.spec.ts`);
/** What is walked a second time with a PostgreSQL server below, and what only two programs on one of those do. */
const TWICE = specs('path', 'live', 'odd', 'load');
const ON_SERVER = specs('twoPrograms');
/** What waits more than it works: for sound, a finger, a network that comes back, a disk, a moment to be killed in. */
const WAITS = specs('offline', 'calledCut', 'practice', 'practiceTouch', 'kill', 'powerCut');

export default defineConfig({
  testDir: 'e2e',
  globalSetup: './e2e/templates.ts',
  // Each worker has servers of its own. Two at a time keep two processors busy; beside them goes one of those that wait.
  workers: 3,
  // Each is begun in this order: the longest of all stand first. Figures are times that have a bound, taken by `npm run bench`.
  projects: [
    { name: 'tests that wait', testMatch: WAITS, grepInvert: /@figure/, workers: 1 },
    { name: 'tests, on a server', testMatch: [...TWICE, ...ON_SERVER], grepInvert: /@figure/, workers: 1 },
    { name: 'tests', testIgnore: [...ON_SERVER, ...WAITS], grepInvert: /@figure/, workers: 2 },
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
