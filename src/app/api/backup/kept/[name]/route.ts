import { restoreKept } from '@/server/backup';
import { routes } from '@/server/routes';

export const dynamic = 'force-dynamic';
/** Puts back one of the backups that lie in the data folder. */
export const { GET, POST, PUT, PATCH, DELETE, OPTIONS } = routes<{ name: string }>({
  POST: (_, { name }) => restoreKept(name),
});
