import { spawn } from 'node:child_process';
import fs from 'node:fs';
import path from 'node:path';
import { PGlite } from '@electric-sql/pglite';
import { markScripts } from './hints.mjs';
import { optimiseLate } from './wasm.mjs';

const root = path.resolve(import.meta.dirname, '..');

/** Builds the program; resolves with the exit code. */
const next = () =>
  new Promise((resolve) =>
    spawn(process.execPath, [path.join('node_modules', 'next', 'dist', 'bin', 'next'), 'build'], {
      cwd: root,
      stdio: ['ignore', 'inherit', 'inherit'],
    }).on('close', resolve),
  );

/** Makes an empty database at a path and closes it. */
async function newborn(at) {
  fs.rmSync(at, { recursive: true, force: true });
  fs.mkdirSync(path.dirname(at), { recursive: true });
  await (await PGlite.create(at)).close();
}

// An empty database takes seconds of a processor to make, a copy of it a tenth: a workshop begins with a copy of this one
// (src/db/folder.ts). It is made beside, since the build empties its own folder.
optimiseLate();
const aside = path.join(root, '.cache', 'newborn');
// Both come to their end, whichever fails.
const [built, made] = await Promise.allSettled([next(), newborn(aside)]);
if (built.value !== 0) process.exit(built.value ?? 1);
if (made.status === 'rejected') throw made.reason;
markScripts(path.join(root, '.next', 'static', 'chunks'));
const place = path.join(root, '.next', 'newborn');
fs.rmSync(place, { recursive: true, force: true });
fs.renameSync(aside, place);
