import fs from 'node:fs';
import path from 'node:path';
import { serve } from './serve.mjs';
import { ensureBuild, ensurePackages, fail } from './setup.mjs';

const root = path.resolve(import.meta.dirname, '..');
const data = path.resolve(root, process.env.UPWIND_DATA || '.demo-data');
ensurePackages(root);
if (process.argv.includes('--reset')) {
  const db = path.join(data, 'db');
  if (fs.existsSync(`${db}.lock`) && ownerLives(`${db}.lock`))
    fail('The demo is running: stop it before it is reset.');
  console.log(`Resetting the demo workshop: everything in ${data} is thrown away and made anew.`);
  for (const end of ['', '.lock', '.init']) fs.rmSync(db + end, { recursive: true, force: true });
}
ensureBuild(root);
await serve({ root, data, seed: true, title: 'Upwind Rod, demo workshop' });

function ownerLives(file) {
  try {
    process.kill(JSON.parse(fs.readFileSync(file, 'utf8')).pid, 0);
    return true;
  } catch {
    return false;
  }
}
