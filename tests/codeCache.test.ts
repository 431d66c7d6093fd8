import { spawnSync } from 'node:child_process';
import fs from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';

const MODULE = path.resolve(import.meta.dirname, '../scripts/codeCache.mjs');
const FILES = 24;

let folder: string;
let kept: string;

beforeEach(() => {
  folder = fs.mkdtempSync(path.join(os.tmpdir(), 'upwind-code-'));
  kept = path.join(folder, 'cache', 'code.bin');
  for (let n = 0; n < FILES; n++)
    fs.writeFileSync(
      path.join(folder, `part${n}.js`),
      `exports.sum = (n) => { let s = 0; for (let i = 0; i <= n; i++) s += i; return s + ${n}; };`,
    );
  const parts = Array.from({ length: FILES }, (_, n) => `require('./part${n}.js').sum(3)`).join(' + ');
  fs.writeFileSync(path.join(folder, 'all.js'), `module.exports = { sum: ${parts}, at: __filename };`);
  fs.writeFileSync(path.join(folder, 'later.cjs'), `module.exports = () => import('./own.mjs');`);
  fs.writeFileSync(path.join(folder, 'own.mjs'), `export const own = 7;`);
  fs.writeFileSync(
    path.join(folder, 'main.mjs'),
    `import { createRequire } from 'node:module';
     import { keepCompiled } from ${JSON.stringify(MODULE)};
     const taken = keepCompiled(${JSON.stringify(kept)}, 10);
     const require = createRequire(import.meta.url);
     const { sum, at } = require('./all.js');
     const { own } = await require('./later.cjs')();
     console.log(JSON.stringify({ sum, at, own, taken: taken() }));
     // It is written a while after the last file, so before a longer while from now has passed.
     setTimeout(() => {}, Number(process.argv[2]));`,
  );
});
afterEach(() => fs.rmSync(folder, { recursive: true, force: true }));

/** Runs it, for so long that the file is written, or only as long as it works. */
function run(ms = 0) {
  const done = spawnSync(process.execPath, [path.join(folder, 'main.mjs'), String(ms)], { encoding: 'utf8' });
  expect(done.stderr).toBe('');
  return JSON.parse(done.stdout) as { sum: number; at: string; own: number; taken: number };
}
const RIGHT = { sum: FILES * 6 + (FILES * (FILES - 1)) / 2, own: 7 };

describe('what was compiled is kept for the next start', () => {
  it('is taken from the file, comes to the same, and a changed text is compiled anew', () => {
    const first = run(30);
    expect(first).toMatchObject({ ...RIGHT, taken: 0, at: path.join(folder, 'all.js') });
    expect(fs.readdirSync(path.dirname(kept))).toEqual(['code.bin']);
    // All but the one that imports.
    expect(run()).toMatchObject({ ...RIGHT, taken: FILES + 1 });
    fs.appendFileSync(path.join(folder, 'part0.js'), 'exports.sum = () => 1000;');
    expect(run()).toMatchObject({ sum: RIGHT.sum - 6 + 1000, taken: FILES });
  });

  it('a torn file, one of another runtime and one that is none are left aside', () => {
    run(30);
    const good = fs.readFileSync(kept);
    const at = good.indexOf(10);
    const torn = Buffer.from(good);
    torn.fill(0, at + 200, at + 600);
    const other = Buffer.from(good.toString('latin1').replace(process.version, 'v99.0.0'), 'latin1');
    for (const bad of [torn, good.subarray(0, good.length - 100), other, Buffer.alloc(0), Buffer.alloc(5000)]) {
      fs.writeFileSync(kept, bad);
      expect(run()).toMatchObject({ ...RIGHT, taken: 0 });
    }
    fs.writeFileSync(kept, good);
    expect(run().taken).toBe(FILES + 1);
  });

  it('where it cannot be written nothing else is lost', () => {
    fs.writeFileSync(path.dirname(kept), 'a file in the way');
    expect(run(30)).toMatchObject({ ...RIGHT, taken: 0 });
  });
});
