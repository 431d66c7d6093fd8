import { defineConfig } from '@playwright/test';
import { chromium } from './scripts/chromium.mjs';

/** Walked a second time with a PostgreSQL server below, or only there. */
const ON_SERVER = ['path', 'live', 'odd', 'load', 'twoPrograms'].map((name) => `**/${name}.spec.ts`);
const ALONE = ['manyCuts', 'odd', 'load', 'saves', 'ready', 'calledDrift', 'live', 'practiceTouch'].map(
  (name) => `**/${name}.spec.ts`,
);

export default defineConfig({
  testDir: 'e2e',
  globalSetup: './e2e/templates.ts',
  // Each worker has servers of its own. What measures time, or hears it, runs alone, after the rest.
  workers: 2,
  projects: [
    { name: 'beside', testIgnore: [...ALONE, '**/twoPrograms.spec.ts'] },
    { name: 'alone', testMatch: ALONE, workers: 1 },
    { name: 'server', testMatch: ON_SERVER, workers: 1 },
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
