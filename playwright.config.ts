import { defineConfig, type PlaywrightTestProject as Project } from '@playwright/test';
import { FIGURES } from './e2e/figure';
import { chromium } from './scripts/chromium.mjs';
import { noPostgres } from './scripts/postgres.mjs';

const specs = (...names: string[]) => names.map((name) => `**/${name}.spec.ts`);
/** What is walked a second time with a PostgreSQL server below, and what only two programs on one of those do. */
const TWICE = specs('path', 'live', 'odd', 'load');
const ON_SERVER = specs('twoPrograms');
/** What waits more than it works: for sound, a finger, a network that comes back, a disk, a moment to be killed in. */
const WAITS = specs('offline', 'calledCut', 'practice', 'practiceTouch', 'kill', 'powerCut');
/** Figures are times that have a bound, taken by `npm run bench` one after another; all else is `npm test`. */
const of = (name: string, more: Project): Project => ({
  name,
  ...(FIGURES ? { grep: /@(figure|timed)/ } : { grepInvert: /@figure/ }),
  ...more,
});
/** What has a PostgreSQL server below, where one can be had. */
const below = (name: string, more: Project = {}): Project[] =>
  noPostgres() ? [] : [of(name, { testMatch: [...TWICE, ...ON_SERVER], ...more })];

export default defineConfig({
  testDir: 'e2e',
  globalSetup: './e2e/templates.ts',
  // Each worker has servers of its own. Of two processors a seventh was idle with two of them, a twentieth with three (measured). What
  // waits most begins, with something that works beside it.
  workers: FIGURES ? 1 : 3,
  projects: FIGURES
    ? [of('figures', { testIgnore: ON_SERVER }), ...below('figures, on a server')]
    : [
        of('tests that wait', { testMatch: WAITS, workers: 2 }),
        ...below('tests, on a server'),
        of('tests', { testIgnore: [...ON_SERVER, ...WAITS] }),
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
