import fs from 'node:fs';
import path from 'node:path';
import { forNode } from './bundle.mjs';

/** Where the tests of the core lie as they are run by `npm test`, and what they share. */
export const BUNDLED = 'dist/units';
export const SHARED = /dist\/units\/chunk-/;

/**
 * Bundles the tests of the core, with what they test, as the program's own code is bundled: read module by module by the test runner, a
 * call from one module into another costs as much as a small formula (measured: the core's tests take 350 s of a processor so, 284 bundled).
 */
export async function bundleUnits(root) {
  const { build } = await import('esbuild');
  const from = path.join('src', 'core');
  const tests = fs
    .readdirSync(path.join(root, from), { recursive: true })
    .filter((name) => /\.test\.tsx?$/.test(name))
    .map((name) => path.join(root, from, name));
  fs.rmSync(path.join(root, BUNDLED), { recursive: true, force: true });
  await build({
    ...forNode(root),
    absWorkingDir: root,
    entryPoints: tests,
    outdir: BUNDLED,
    outbase: root,
    // What several tests share is loaded once.
    splitting: true,
    packages: 'external',
    sourcemap: true,
  });
}
