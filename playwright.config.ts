import { defineConfig } from '@playwright/test';
import { chromium } from './scripts/chromium.mjs';

const specs = (...names: string[]) => names.map((name) => `**/${name}.spec.ts`);
/** What measures how much the machine gets done runs alone, after the rest. */
const ALONE = specs('manyCuts', 'odd', 'oneRequest', 'load', 'saves', 'ready');
/** What bounds how soon a change reaches another window. */
const LIVE = specs('live');
/** That and a minute of sound mostly wait: two of them leave the processors to each other. Beside more the sound was 61 ms off once. */
const WAITING = [...LIVE, ...specs('calledDrift')];
const ON_SERVER = specs('twoPrograms');

export default defineConfig({
  testDir: 'e2e',
  globalSetup: './e2e/templates.ts',
  // Each worker has servers of its own. A third one on two processors takes more time than it gives (measured).
  workers: 2,
  // Some are walked a second time with a PostgreSQL server below, or only there. scripts/test.mjs says what runs together.
  projects: [
    { name: 'beside', testIgnore: [...ALONE, ...WAITING, ...ON_SERVER] },
    { name: 'beside, on a server', testMatch: [...ON_SERVER, ...specs('path')] },
    { name: 'waiting', testMatch: WAITING },
    { name: 'waiting, on a server', testMatch: LIVE },
    { name: 'alone', testMatch: ALONE, workers: 1 },
    { name: 'alone, on a server', testMatch: specs('odd', 'load'), workers: 1 },
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
