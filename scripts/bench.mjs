import { spawnSync } from 'node:child_process';
import path from 'node:path';
import { bundle } from './bundle.mjs';
import { ensurePackages } from './setup.mjs';

const root = path.resolve(import.meta.dirname, '..');
ensurePackages(root);
const out = await bundle(root, 'scripts/measure.ts', ['scripts', 'src/core', 'src/db']);
const run = (...args) => spawnSync(process.execPath, args, { cwd: root, stdio: 'inherit' }).status ?? 1;
const bounds = run(out);
const bench = process.argv.includes('--bounds')
  ? 0
  : run('node_modules/vitest/vitest.mjs', 'bench', '--run', '--project', 'pure');
process.exit(bounds || bench);
