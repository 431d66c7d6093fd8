import fs from 'node:fs';
import path from 'node:path';

/** Newest change under some folders or files, in ms. */
function newest(place) {
  const stat = fs.statSync(place);
  if (!stat.isDirectory()) return stat.mtimeMs;
  return Math.max(0, ...fs.readdirSync(place).map((name) => newest(path.join(place, name))));
}

/** How TypeScript is bundled for Node, whatever of it. */
export const forNode = (root) => ({
  bundle: true,
  platform: 'node',
  format: 'esm',
  target: 'node20',
  alias: { '@': path.join(root, 'src') },
  logLevel: 'error',
});

/** Bundles a TypeScript entry for Node into dist/, when its sources are newer than the bundle; returns its path. */
export async function bundle(root, entry, sources) {
  const out = path.join(root, 'dist', `${path.basename(entry, '.ts')}.mjs`);
  const fresh =
    fs.existsSync(out) && sources.every((s) => newest(path.join(root, s)) < fs.statSync(out).mtimeMs);
  if (!fresh) {
    const { build } = await import('esbuild');
    // Aside first: another process may be reading it.
    const aside = `${out}.${process.pid}.mjs`;
    await build({
      entryPoints: [path.join(root, entry)],
      outfile: aside,
      ...forNode(root),
    });
    fs.renameSync(aside, out);
  }
  return out;
}
