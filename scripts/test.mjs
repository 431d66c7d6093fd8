import { spawn } from 'node:child_process';
import fs from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { chromiumLacks, noChromium } from './chromium.mjs';
import { installDebian } from './debian.mjs';
import { noPostgres } from './postgres.mjs';
import { ensureBuild, ensurePackages, fail } from './setup.mjs';
import { bundleUnits } from './units.mjs';

const root = path.resolve(import.meta.dirname, '..');
const long = process.argv.includes('--long');
const cache = path.join(root, '.cache');
let passed = 0;
let failed = 0;

/** What the tests want of the system comes while what needs none of it runs. */
const browser = chromiumLacks();
const installed = installDebian({
  ...(noPostgres() ? { PostgreSQL: ['postgresql'] } : {}),
  ...(browser ? { Chromium: browser } : {}),
});
ensurePackages(root);
fs.mkdirSync(cache, { recursive: true });

/** Runs a command of the packages; whether it ended well, the seconds it took, and what it said where that is kept for later. */
const program = ([file, ...args], { stdio, env = {} }) =>
  new Promise((resolve) => {
    const start = Date.now();
    const child = spawn(process.execPath, [path.join(root, 'node_modules', file), ...args], {
      cwd: root,
      stdio,
      env: { ...process.env, ...env },
    });
    let said = '';
    child.stdout?.on('data', (d) => (said += d));
    child.stderr?.on('data', (d) => (said += d));
    child.on('close', (code) =>
      resolve({ ok: code === 0, seconds: Math.round((Date.now() - start) / 1000), said }),
    );
  });
const outcome = (name, { ok, seconds }) => `  ${name}: ${ok ? 'ok' : 'failed'}, ${seconds} s`;

/** What it says is printed as it says it, or, where it runs beside another, when it ends. Whether it ended well. */
async function run(name, command, { env = {}, beside = false } = {}) {
  if (!beside) console.log(`\n— ${name}`);
  const done = await program(command, { stdio: beside ? ['ignore', 'pipe', 'pipe'] : 'inherit', env });
  console.log(beside ? `\n— ${name}\n${done.said}${outcome(name, done)}` : outcome(name, done));
  return done.ok;
}

/** Checks that pass or fail as a whole, side by side. */
const checks = (...list) =>
  Promise.all(
    list.map(async ([name, ...command]) => {
      if (await run(name, command, { beside: true })) passed++;
      else failed++;
    }),
  );

/** A runner that counts its own tests into a report; a report that is missing or empty is a failure. */
async function counted(name, report, read, command, how) {
  fs.rmSync(report, { force: true });
  const ok = await run(name, command, how);
  const counts = fs.existsSync(report)
    ? read(JSON.parse(fs.readFileSync(report, 'utf8')))
    : { passed: 0, failed: 0 };
  passed += counts.passed;
  failed += counts.failed;
  if (counts.passed + counts.failed === 0 || (!ok && counts.failed === 0)) failed++;
}

// The longest of the checks goes on beside the tests: it takes one processor of two.
let lint = null;
if (!long) {
  lint = checks(['lint', 'eslint/bin/eslint.js', '.']);
  await checks(
    ['format', 'prettier/bin/prettier.cjs', '--check', '--log-level', 'warn', '.'],
    ['types', 'typescript-7/bin/tsc', '--noEmit', '--incremental', 'false', '--singleThreaded'],
  );
}
await installed;
const noServer = noPostgres();
if (noServer) console.log(`Left out: the tests on a PostgreSQL server, since ${noServer}.`);
// In the long form the sweeps that take minutes alone: ten times the rigs, benches over forty cuts.
const units = long ? ['sweep', 'makers', 'benches'].map((f) => `src/core/engine/${f}.test`) : [];
const unit = path.join(cache, 'unit.json');
await bundleUnits(root);
await counted(
  'unit tests',
  unit,
  (r) => ({ passed: r.numPassedTests, failed: r.numFailedTests }),
  [
    ...['vitest/vitest.mjs', 'run', ...units],
    ...['--reporter=default', '--reporter=json', `--outputFile.json=${unit}`],
  ],
  { env: { UPWIND_BUNDLED_UNITS: '1', ...(long ? { LONG: '1' } : {}) } },
);
await lint;
const lacking = noChromium();
if (lacking) fail(lacking);
ensureBuild(root);
const templates = fs.mkdtempSync(path.join(os.tmpdir(), 'upwind-templates-'));

/** Those of one kind, all projects that playwright.config.ts has for it. */
async function browserTests(name, specs, how) {
  const report = path.join(cache, `browser-${name}.json`);
  await counted(
    `browser tests, ${name}`,
    report,
    (r) => ({ passed: r.stats.expected + r.stats.flaky, failed: r.stats.unexpected }),
    [
      ...['@playwright/test/cli.js', 'test', `--output=${path.join(cache, `browser-${name}`)}`],
      ...specs.map((spec) => `${spec}.spec.ts`),
    ],
    { env: { PLAYWRIGHT_JSON_OUTPUT_NAME: report, UPWIND_TEMPLATES: templates, ...how } },
  );
}
if (long) {
  await browserTests('tests', ['kill', 'powerCut'], { KILLS: '1000', RESTORE_KILLS: '60', CUTS: '40' });
  const much = { ODD: '100000', ODD_ON_SERVER: '100000', LOAD_SECONDS: '60' };
  await browserTests('figures', ['odd', 'load'], { UPWIND_FIGURES: '1', ...much });
} else {
  const few = { KILLS: '5', RESTORE_KILLS: '2', CUTS: '4' };
  await browserTests('tests', [], { ...few, ODD: '3000', ODD_ON_SERVER: '1000', LOAD_SECONDS: '3' });
}
fs.rmSync(templates, { recursive: true, force: true });
console.log(`\n${passed} passed, ${failed} failed`);
process.exit(failed > 0 ? 1 : 0);
