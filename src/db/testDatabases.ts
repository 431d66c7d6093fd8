import { execFileSync } from 'node:child_process';
import fs from 'node:fs';
import path from 'node:path';
import pg from 'pg';
import { openDb, type Handle } from './open';

export const migrations = path.resolve('src/db/migrations');

/** An empty database of its own on the PostgreSQL server of the tests; its address. */
export async function newServerDatabase(): Promise<string> {
  const server = process.env['UPWIND_TEST_SERVER'] ?? '';
  const name = `t${crypto.randomUUID().replaceAll('-', '')}`;
  const admin = new pg.Client({ connectionString: server });
  await admin.connect();
  await admin.query(`create database ${name}`);
  await admin.end();
  return Object.assign(new URL(server), { pathname: `/${name}` }).href;
}

/**
 * Puts an empty embedded database, up to date, at a path: a copy of one that is made once for all tests of a run (`tests/folders.ts`). To make
 * one takes 5 s of a processor, a copy and its opening 0.4 (measured).
 */
export async function emptyDatabaseAt(at: string): Promise<void> {
  const folders = process.env['UPWIND_TEST_FOLDERS']!;
  const made = path.join(folders, 'empty', 'db');
  if (!fs.existsSync(made)) {
    const aside = fs.mkdtempSync(path.join(folders, 'aside-'));
    const first = await openDb({ folder: path.join(aside, 'db'), migrations, wait: false });
    await first.close();
    try {
      fs.renameSync(aside, path.dirname(made));
    } catch (e) {
      // Another worker was first.
      if ((e as NodeJS.ErrnoException).code !== 'ENOTEMPTY') throw e;
    }
  }
  fs.mkdirSync(at, { recursive: true });
  // By the system's own copy: a folder that Node copied takes a second to remove where the disk is told of what falls free (measured; this, 20 ms).
  execFileSync('cp', ['-R', `${made}/.`, at]);
}

/** An empty database for a test file: embedded, in a folder of its own; on the server where the file is run for that. */
export async function openTestDb(): Promise<Handle> {
  if (process.env['UPWIND_ON_SERVER'])
    return openDb({ folder: '', migrations, url: await newServerDatabase() });
  const own = fs.mkdtempSync(path.join(process.env['UPWIND_TEST_FOLDERS']!, 'own-'));
  const folder = path.join(own, 'db');
  await emptyDatabaseAt(folder);
  const open = await openDb({ folder, migrations, wait: false });
  return {
    ...open,
    close: async () => {
      await open.close();
      fs.rmSync(own, { recursive: true, force: true });
    },
  };
}
