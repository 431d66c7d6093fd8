import { backupFile, restore } from '@/server/backup';
import { routes } from '@/server/routes';

export const dynamic = 'force-dynamic';

export const { GET, POST, PUT, PATCH, DELETE, OPTIONS } = routes({
  GET: backupFile,
  POST: restore,
});
