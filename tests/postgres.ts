import { noPostgres, startPostgres } from '../scripts/postgres.mjs';

/** One PostgreSQL server for all unit tests; where none can be had, what needs it is named as left out. */
export async function setup(): Promise<() => Promise<void>> {
  const lacks = noPostgres();
  process.env['UPWIND_TEST_SERVER'] = '';
  if (lacks) {
    console.log(`Left out: the tests on a PostgreSQL server, since ${lacks}.`);
    return async () => undefined;
  }
  const server = await startPostgres();
  process.env['UPWIND_TEST_SERVER'] = server.url('postgres');
  return () => server.stop();
}
