import { spawnSync } from 'node:child_process';
import path from 'node:path';
import { bundle } from './bundle.mjs';
import { noChromium } from './chromium.mjs';
import { noPostgres } from './postgres.mjs';
import { ensureBuild, ensurePackages, fail } from './setup.mjs';

const root = path.resolve(import.meta.dirname, '..');
ensurePackages(root);
const out = await bundle(root, 'scripts/measure.ts', ['scripts', 'src/core', 'src/db']);
const run = (args, env = {}) =>
  spawnSync(process.execPath, args, { cwd: root, stdio: 'inherit', env: { ...process.env, ...env } }).status ??
  1;

// What is computed alone; then what a browser and its server take, one at a time; then what has no bound.
const computed = run([out]);
if (process.argv.includes('--bounds')) process.exit(computed);
const lacking = noChromium();
if (lacking) fail(lacking);
ensureBuild(root);
const noServer = noPostgres();
if (noServer) console.log(`Left out: the figures on a PostgreSQL server, since ${noServer}.`);
const walked = run(
  [...['node_modules/@playwright/test/cli.js', 'test', '--reporter=list'], '--output=.cache/browser-figures'],
  { UPWIND_FIGURES: '1' },
);
const unbounded = run(['node_modules/vitest/vitest.mjs', 'bench', '--run', '--project', 'pure']);
process.exit(computed || walked || unbounded);
