import { database } from '@/server/db';
import { route } from '@/server/http';

export const dynamic = 'force-dynamic';
export const GET = route(async () => {
  await database();
  return { ok: true };
});
