import path from 'node:path';
import { pathToFileURL } from 'node:url';
import { bundle } from './bundle.mjs';
import { ensurePackages } from './setup.mjs';

const root = path.resolve(import.meta.dirname, '..');
ensurePackages(root, { quiet: true });
const out = await bundle(root, 'bin/rod.ts', ['bin', 'src/core', 'src/formats']);
const { main } = await import(pathToFileURL(out).href);
main(process.argv.slice(2));
