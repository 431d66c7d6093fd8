import { startPostgres } from '../scripts/postgres.mjs';

/** Whether a project of the tests runs on a PostgreSQL server. */
export const onServer = (project: string): boolean => project.endsWith('on a server');

/** What lies below the program in a project of the tests: the embedded database, or a PostgreSQL server of the test's own. */
export async function databaseOf(
  project: string,
): Promise<{ env: Record<string, string>; stop(): Promise<void> }> {
  if (!onServer(project)) return { env: {}, stop: async () => undefined };
  const server = await startPostgres();
  return { env: { DATABASE_URL: server.url('postgres'), UPWIND_NAME: 'The desk' }, stop: server.stop };
}
