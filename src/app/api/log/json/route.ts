import { logJson, queryOf } from '@/server/logbook';
import { routes } from '@/server/routes';

export const dynamic = 'force-dynamic';
export const { GET, POST, PUT, PATCH, DELETE, OPTIONS } = routes({
  GET: (request) => logJson(queryOf(request)),
});
