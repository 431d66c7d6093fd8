import fs from 'node:fs';
import path from 'node:path';
import { newFolder, startServer } from './server';

/**
 * Makes an empty and a seeded data folder once for all tests: a first start takes seven seconds, a copy of its folder a tenth of one. Tests
 * of the first start itself ask for a folder of their own.
 */
export default async function makeTemplates(): Promise<() => void> {
  const made: string[] = [];
  for (const seed of [false, true]) {
    const server = await startServer({ seed, data: newFolder() });
    await server.stop();
    // The day's backup is each server's own to make.
    fs.rmSync(path.join(server.data, 'backups'), { recursive: true, force: true });
    process.env[seed ? 'UPWIND_SEEDED' : 'UPWIND_EMPTY'] = server.data;
    made.push(server.data);
  }
  return () => made.forEach((folder) => fs.rmSync(folder, { recursive: true, force: true }));
}
