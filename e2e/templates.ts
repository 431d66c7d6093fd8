import fs from 'node:fs';
import path from 'node:path';
import { newFolder, startServer } from './server';

const LONGEST_MS = 120_000;
async function until(there: () => boolean, what: string): Promise<void> {
  const last = Date.now() + LONGEST_MS;
  while (!there()) {
    if (Date.now() > last) throw new Error(`${what} was not made`);
    await new Promise((r) => setTimeout(r, 100));
  }
}

/**
 * Makes an empty and a seeded data folder once for all tests: a first start takes seconds, a copy of its folder a tenth of one. Tests of the
 * first start itself ask for a folder of their own. They lie in UPWIND_TEMPLATES where several runs share them.
 */
export default async function makeTemplates(): Promise<void> {
  const place = process.env['UPWIND_TEMPLATES'] ?? newFolder();
  fs.mkdirSync(place, { recursive: true });
  const one = async (name: string, seed: boolean) => {
    const data = path.join(place, name);
    process.env[`UPWIND_${name.toUpperCase()}`] = data;
    if (fs.existsSync(data)) return;
    const aside = `${data}.aside`;
    // Of two runs that begin at once one makes it.
    try {
      fs.mkdirSync(aside);
    } catch (e) {
      if ((e as NodeJS.ErrnoException).code !== 'EEXIST') throw e;
      return until(() => fs.existsSync(data), data);
    }
    const server = await startServer({ seed, data: aside });
    await server.stop();
    // The day's backup is each server's own to make.
    fs.rmSync(path.join(aside, 'backups'), { recursive: true, force: true });
    fs.renameSync(aside, data);
  };
  await Promise.all([one('empty', false), one('seeded', true)]);
}
