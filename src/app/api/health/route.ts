import { handle } from '@/server/db';
import { routes } from '@/server/routes';

export const dynamic = 'force-dynamic';
export const { GET, POST, PUT, PATCH, DELETE, OPTIONS } = routes({
  GET: async () => {
    await (await handle()).ping();
    return { ok: true };
  },
});
