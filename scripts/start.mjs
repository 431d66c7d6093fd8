import path from 'node:path';
import { serve } from './serve.mjs';
import { ensureBuild, ensurePackages } from './setup.mjs';

const root = path.resolve(import.meta.dirname, '..');
ensurePackages(root);
ensureBuild(root);
await serve({
  root,
  data: path.resolve(root, process.env.UPWIND_DATA || 'data'),
  seed: false,
  title: 'Upwind Rod',
});
