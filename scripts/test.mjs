import { spawn, spawnSync } from 'node:child_process';
import fs from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { chromiumLacks, noChromium } from './chromium.mjs';
import { installDebian } from './debian.mjs';
import { noPostgres } from './postgres.mjs';
import { ensureBuild, ensurePackages, fail } from './setup.mjs';

const root = path.resolve(import.meta.dirname, '..');
const long = process.argv.includes('--long');
const cache = path.join(root, '.cache');
/** Browser tests that have a longer form. */
const LONG_SPECS = ['kill', 'powerCut', 'odd', 'load'].map((name) => `${name}.spec.ts`);
let passed = 0;
let failed = 0;

ensurePackages(root);
fs.mkdirSync(cache, { recursive: true });

function run(name, file, args, env = {}) {
  console.log(`\n— ${name}`);
  const start = Date.now();
  const done = spawnSync(process.execPath, [path.join(root, 'node_modules', file), ...args], {
    cwd: root,
    stdio: 'inherit',
    env: { ...process.env, ...env },
  });
  console.log(
    `  ${name}: ${done.status === 0 ? 'ok' : 'failed'}, ${Math.round((Date.now() - start) / 1000)} s`,
  );
  return done.status === 0;
}

/** Checks that pass or fail as a whole, side by side; what one of them says is printed when it ends. */
async function checks(...list) {
  const one = ([name, file, ...args]) =>
    new Promise((resolve) => {
      const start = Date.now();
      const child = spawn(process.execPath, [path.join(root, 'node_modules', file), ...args], { cwd: root });
      let said = '';
      child.stdout.on('data', (d) => (said += d));
      child.stderr.on('data', (d) => (said += d));
      child.on('close', (code) => {
        const seconds = Math.round((Date.now() - start) / 1000);
        console.log(`\n— ${name}\n${said}  ${name}: ${code === 0 ? 'ok' : 'failed'}, ${seconds} s`);
        if (code === 0) passed++;
        else failed++;
        resolve();
      });
    });
  await Promise.all(list.map(one));
}

/** A runner that counts its own tests into a report; a report that is missing or empty is a failure. */
function counted(name, report, read, work) {
  fs.rmSync(report, { force: true });
  const ok = work();
  const counts = fs.existsSync(report)
    ? read(JSON.parse(fs.readFileSync(report, 'utf8')))
    : { passed: 0, failed: 0 };
  passed += counts.passed;
  failed += counts.failed;
  if (counts.passed + counts.failed === 0 || (!ok && counts.failed === 0)) failed++;
}

/** What the tests want of the system comes while what needs none of it runs. */
const browser = chromiumLacks();
const installed = installDebian({
  ...(noPostgres() ? { PostgreSQL: ['postgresql'] } : {}),
  ...(browser ? { Chromium: browser } : {}),
});
if (!long)
  await checks(
    ['format', 'prettier/bin/prettier.cjs', '--check', '--log-level', 'warn', '.'],
    ['lint', 'eslint/bin/eslint.js', '.'],
    ['types', 'typescript/bin/tsc', '--noEmit'],
  );
await installed;
const noServer = noPostgres();
if (noServer) console.log(`Left out: the tests on a PostgreSQL server, since ${noServer}.`);
if (long) {
  // The sweeps that take minutes: ten times the rigs, benches over forty cuts.
  const unit = path.join(cache, 'unit.json');
  counted(
    'long unit tests',
    unit,
    (r) => ({ passed: r.numPassedTests, failed: r.numFailedTests }),
    () =>
      run(
        'long unit tests',
        'vitest/vitest.mjs',
        [
          'run',
          ...['sweep', 'makers', 'benches'].map((f) => `src/core/engine/${f}.test.ts`),
          '--reporter=default',
          '--reporter=json',
          `--outputFile.json=${unit}`,
        ],
        { LONG: '1' },
      ),
  );
} else {
  const unit = path.join(cache, 'unit.json');
  counted(
    'unit tests',
    unit,
    (r) => ({ passed: r.numPassedTests, failed: r.numFailedTests }),
    () =>
      run('unit tests', 'vitest/vitest.mjs', [
        'run',
        '--reporter=default',
        '--reporter=json',
        `--outputFile.json=${unit}`,
      ]),
  );
}
const lacking = noChromium();
if (lacking) fail(lacking);
ensureBuild(root);
// What measures no time runs two at a time; what mostly waits for a clock of the world, two at a time after that; what measures how much
// the machine gets done, alone at the end.
const PHASES = [
  { name: 'beside', workers: 2 },
  ...(long ? [] : [{ name: 'waiting', workers: 2 }]),
  { name: 'alone', workers: 1 },
];
const templates = fs.mkdtempSync(path.join(os.tmpdir(), 'upwind-templates-'));
for (const { name, workers } of PHASES) {
  const report = path.join(cache, `browser-${name}.json`);
  const projects = [name, ...(noServer ? [] : [`${name}, on a server`])];
  counted(
    `browser tests, ${name}`,
    report,
    (r) => ({ passed: r.stats.expected + r.stats.flaky, failed: r.stats.unexpected }),
    () =>
      run(
        `browser tests, ${name}`,
        '@playwright/test/cli.js',
        [
          'test',
          `--workers=${workers}`,
          ...projects.flatMap((p) => ['--project', p]),
          ...(long ? LONG_SPECS : []),
        ],
        {
          PLAYWRIGHT_JSON_OUTPUT_NAME: report,
          UPWIND_TEMPLATES: templates,
          KILLS: long ? '1000' : '5',
          RESTORE_KILLS: long ? '60' : '2',
          CUTS: long ? '40' : '4',
          ODD: long ? '100000' : '3000',
          ODD_ON_SERVER: long ? '100000' : '1000',
          LOAD_SECONDS: long ? '60' : '8',
        },
      ),
  );
}
fs.rmSync(templates, { recursive: true, force: true });
console.log(`\n${passed} passed, ${failed} failed`);
process.exit(failed > 0 ? 1 : 0);
