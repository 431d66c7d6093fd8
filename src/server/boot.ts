import 'server-only';
import { StartFault } from '@/db/lock';
import { keepDaily } from './backup';
import { closeDatabase, database } from './db';
import { loadWorkshopIfEmpty } from './demo';

/** Opens the database before the first request; on a fault says one line and ends the process. */
export async function boot(): Promise<void> {
  try {
    const db = await database();
    if (process.env.UPWIND_SEED === '1') await loadWorkshopIfEmpty(db);
    if (!process.env.DATABASE_URL) await keepDaily(db);
  } catch (e) {
    console.error(e instanceof StartFault ? e.message : `The database could not be opened: ${String(e)}`);
    process.exit(1);
  }
  let closing = false;
  const close = () => {
    if (closing) return;
    closing = true;
    void closeDatabase().then(
      () => process.exit(0),
      () => process.exit(1),
    );
  };
  process.on('SIGTERM', close);
  process.on('SIGINT', close);
}
