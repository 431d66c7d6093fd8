import path from 'node:path';
import { ensureThreads } from '../scripts/setup.mjs';

/** What the server runs in threads is bundled before the first test. */
export async function setup(): Promise<void> {
  await ensureThreads(path.resolve(import.meta.dirname, '..'));
}
