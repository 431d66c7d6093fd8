import { database } from '@/server/db';
import { routes } from '@/server/routes';

export const dynamic = 'force-dynamic';
export const { GET, POST, PUT, PATCH, DELETE, OPTIONS } = routes({
  GET: async () => {
    await database();
    return { ok: true };
  },
});
