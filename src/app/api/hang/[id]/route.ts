import { routes } from '@/server/routes';
import { hangWire } from '@/server/stock';

export const dynamic = 'force-dynamic';
/** A wire is hung: its metres come off the spool. */
export const { GET, POST, PUT, PATCH, DELETE, OPTIONS } = routes<{ id: string }>({
  POST: (request, { id }) => hangWire(id, request),
});
