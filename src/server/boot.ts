import 'server-only';
import { forgetOld } from '@/db/devices';
import { StartFault } from '@/db/lock';
import { access, letsOthersIn } from './access';
import { closeDatabase, database } from './db';
import { loadWorkshopIfEmpty } from './demo';
import { clearRestores, tidyServer, tidyUp } from './tidy';

/** When the data folder is tidied: after the first pages. */
const TIDY_MS = 1500;

/** Opens the database before the first request; on a fault says one line and ends the process. */
export async function boot(): Promise<void> {
  try {
    const db = await database();
    if (process.env.UPWIND_SEED === '1') await loadWorkshopIfEmpty(db);
    if (letsOthersIn()) {
      access();
      await forgetOld(db);
    }
    const server = Boolean(process.env.DATABASE_URL);
    if (!server) clearRestores();
    setTimeout(() => void (server ? tidyServer : tidyUp)(db), TIDY_MS).unref();
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
