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

/** An empty database for a test file: embedded, in memory; on the server where the file is run for that. */
export async function openTestDb(): Promise<Handle> {
  const url = process.env['UPWIND_ON_SERVER'] ? await newServerDatabase() : undefined;
  return openDb({ folder: null, migrations, url });
}
