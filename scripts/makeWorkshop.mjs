import fs from 'node:fs';
import path from 'node:path';
import { pathToFileURL } from 'node:url';
import { bundle } from './bundle.mjs';

const root = path.resolve(import.meta.dirname, '..');
const out = await bundle(root, 'scripts/makeWorkshop.ts', ['scripts', 'src/core']);
const { makeWorkshop } = await import(pathToFileURL(out).href);
const file = path.join(root, 'src/db/workshop.json');
fs.writeFileSync(file, `${JSON.stringify(makeWorkshop(), null, 1)}\n`);
