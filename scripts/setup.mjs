import { spawnSync } from 'node:child_process';
import crypto from 'node:crypto';
import fs from 'node:fs';
import path from 'node:path';
import { bundle } from './bundle.mjs';

/** Ends with one line for a person. */
export function fail(message) {
  console.error(message);
  process.exit(1);
}

/** Node of the version that the program needs, else a clear end. */
export function checkNode() {
  const [major, minor] = process.versions.node.split('.').map(Number);
  if (major < 20 || (major === 20 && minor < 20))
    fail(`Node 20.20 or later is needed; this is ${process.versions.node}.`);
}

/** Installs the packages of the lockfile where they are missing or older than it. */
export function ensurePackages(root, { quiet = false } = {}) {
  checkNode();
  const lock = path.join(root, 'package-lock.json');
  const mark = path.join(root, 'node_modules', '.upwind-lock');
  const hash = crypto.createHash('sha256').update(fs.readFileSync(lock)).digest('hex');
  if (fs.existsSync(mark) && fs.readFileSync(mark, 'utf8') === hash) return;
  if (!quiet) console.log('Installing packages from the lockfile …');
  const done = spawnSync('npm', ['ci', '--no-audit', '--no-fund'], {
    cwd: root,
    stdio: quiet ? ['ignore', 'ignore', 'inherit'] : 'inherit',
  });
  if (done.status !== 0) fail('npm ci failed: see above.');
  fs.writeFileSync(mark, hash);
}

function hashOf(root, places) {
  const hash = crypto.createHash('sha256');
  const walk = (place) => {
    const full = path.join(root, place);
    if (!fs.existsSync(full)) return;
    if (fs.statSync(full).isDirectory()) {
      for (const name of fs.readdirSync(full).sort()) walk(path.join(place, name));
    } else if (!/\.(test|bench)\.tsx?$/.test(place)) {
      hash.update(place).update(fs.readFileSync(full));
    }
  };
  places.forEach(walk);
  return hash.digest('hex');
}

/** Bundles what the server runs in threads of its own, where its sources changed. */
export function ensureThreads(root) {
  return bundle(root, 'src/server/heavyWorker.ts', ['src/core', 'src/formats', 'src/server']);
}

/** Builds the program where its sources changed since the last build. */
export function ensureBuild(root) {
  const mark = path.join(root, '.next', '.upwind-build');
  const hash = hashOf(root, [
    'src',
    'public',
    'types',
    'package-lock.json',
    'scripts/build.mjs',
    'scripts/hints.mjs',
    'next.config.mjs',
    'tsconfig.json',
  ]);
  if (fs.existsSync(mark) && fs.readFileSync(mark, 'utf8') === hash) return;
  console.log('Building …');
  fs.rmSync(mark, { force: true });
  const done = spawnSync(process.execPath, [path.join('scripts', 'build.mjs')], {
    cwd: root,
    stdio: ['ignore', 'inherit', 'inherit'],
    env: { ...process.env, NEXT_TELEMETRY_DISABLED: '1', NODE_ENV: 'production' },
  });
  if (done.status !== 0) fail('The build failed: see above.');
  fs.writeFileSync(mark, hash);
}
